/** What is measured on a wearer, and the readings: dated, over stated layers, each with its definition and posture. */
package org.soberhem.core.body;
