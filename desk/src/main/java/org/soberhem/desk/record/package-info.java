/** The record: what stays when a costume is finished, and how all of it is looked after. */
package org.soberhem.desk.record;
