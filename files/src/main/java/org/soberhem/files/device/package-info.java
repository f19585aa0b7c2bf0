/** Devices: what a digital tape sends, and a stand-in for one. docs/formats/digital-tape.md describes the stream. */
package org.soberhem.files.device;
