package org.pergamena.core.distil.quote;

import org.pergamena.core.distil.text.Analysed;
import org.pergamena.core.source.Span;

/**
 * Words chosen to bear a topic out.
 *
 * @param strength how close they are to the middle of what is said on the topic, or once weighed by
 *     {@link Strength} how surely they are on it, 0 to 1
 */
public record Quote(Analysed text, Span span, double strength) {}
