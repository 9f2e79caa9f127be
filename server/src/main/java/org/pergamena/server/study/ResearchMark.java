package org.pergamena.server.study;

import java.time.Instant;
import java.util.List;
import org.pergamena.core.study.scope.Field;
import org.pergamena.core.study.scope.Frame;

/** A question for research that is kept with a map. */
record ResearchMark(String id, Frame frame, List<Field> fields, String text, Instant kept) {}
