/** Steps of making up, the time they take, and when a costume will be done. */
package org.soberhem.core.plan;
