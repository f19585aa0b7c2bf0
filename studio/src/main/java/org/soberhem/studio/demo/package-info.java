/** The demo: invented wearers and costumes of a lighthouse and lifeboat station's open day. */
package org.soberhem.studio.demo;
