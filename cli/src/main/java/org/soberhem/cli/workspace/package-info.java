/** Commands on a workspace and on a costume in it. */
package org.soberhem.cli.workspace;
