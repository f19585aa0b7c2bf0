/** What commands are given: files, wearers, costumes, alterations, workspaces; and how they answer. */
package org.soberhem.cli.given;
