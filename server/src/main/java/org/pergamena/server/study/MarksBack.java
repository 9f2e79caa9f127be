package org.pergamena.server.study;

import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;

/** What was corrected by hand and is taken back, by its keys. */
record MarksBack(@NotNull @Size(min = 1, max = 500) List<@NotBlank String> keys) {}
