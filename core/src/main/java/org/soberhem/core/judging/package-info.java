/** From a costume to its judgement: drafted garments, resolved measures, obstacles, facts and what depends on what. */
package org.soberhem.core.judging;
