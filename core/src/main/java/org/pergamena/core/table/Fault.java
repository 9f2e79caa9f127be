package org.pergamena.core.table;

/**
 * Why a row of a table was not taken, or not as it stands.
 *
 * @param row from 1, the row with the names of the columns included
 * @param sentence what is wrong and what became of it
 */
public record Fault(int row, String sentence) {}
