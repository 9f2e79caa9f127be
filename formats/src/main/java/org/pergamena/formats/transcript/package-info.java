/** Timed transcripts: WebVTT and SRT. */
package org.pergamena.formats.transcript;
