package org.pergamena.formats.table;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.pergamena.formats.table.Cells.BrokenTableException;

class CellsTest {
  @Test
  void rows_of_a_spreadsheet_are_parted_by_tabs_whatever_else_is_in_them() throws Exception {
    assertThat(Cells.of("Tide\tThe sea, twice a day; always\n\nSilt\t\n"))
        .containsExactly(List.of("Tide", "The sea, twice a day; always"), List.of("Silt", ""));
  }

  @Test
  void commas_semicolons_and_quoted_cells_of_several_lines_are_understood() throws Exception {
    assertThat(Cells.of("a;b;c,d\n\"x;\ny\";z;"))
        .containsExactly(List.of("a", "b", "c,d"), List.of("x;\ny", "z", ""));
    assertThat(Cells.of("a,b\r\nc,\"say \"\"yes\"\"\""))
        .containsExactly(List.of("a", "b"), List.of("c", "say \"yes\""));
    assertThat(Cells.of("")).isEmpty();
  }

  @Test
  void a_quotation_mark_that_is_missing_is_told_with_its_line() {
    assertThatThrownBy(() -> Cells.of("a,b\nc,d\n\"e,f"))
        .isInstanceOf(BrokenTableException.class)
        .hasMessageContaining("from line 3");
  }
}
