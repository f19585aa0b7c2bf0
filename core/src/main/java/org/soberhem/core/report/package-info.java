/** What is told of a costume: rounds, dossier, cost, overview, and copies without a wearer's data. */
package org.soberhem.core.report;
