package org.pergamena.server.study;

import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.UUID;

/**
 * What was found and becomes a branch.
 *
 * @param id of the request, so that it is done once
 * @param parent under which topic
 * @param keys of what was found
 */
record ChosenBranch(
    @NotNull UUID id,
    @NotNull UUID parent,
    @NotNull @Size(min = 1, max = 200, message = "need to be one to two hundred")
        List<@NotBlank String> keys) {}
