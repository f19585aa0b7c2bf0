/** Foundation layers, the stacks they are worn in, and what each does to the measurements. */
package org.soberhem.core.layers;
