/**
 * Cloth and how pieces lie on it. Millimetres; x runs across the cloth from the left selvedge or from the fold, y along
 * it; pieces lie with their grain along y.
 */
package org.soberhem.core.cloth;
