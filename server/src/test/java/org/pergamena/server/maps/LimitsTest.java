package org.pergamena.server.maps;

import static org.assertj.core.api.Assertions.assertThatCode;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.ArgumentMatchers.anyString;
import static org.mockito.ArgumentMatchers.eq;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.when;

import jakarta.persistence.EntityManager;
import jakarta.persistence.Query;
import jakarta.persistence.TypedQuery;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.pergamena.server.site.Refused;

class LimitsTest {
  private static final long FREE = 1_000_000_000;
  private static final UUID SOMEBODY = new UUID(0, 1);

  /** Limits of 3 maps, 5 sources, 10 MB and 2 jobs, for somebody who has so much of each. */
  private static Limits having(long there) {
    EntityManager entities = mock(EntityManager.class);
    Query count = mock(Query.class);
    when(entities.createNativeQuery(anyString())).thenReturn(count);
    when(count.setParameter(anyString(), any())).thenReturn(count);
    when(count.getSingleResult()).thenReturn(there);
    @SuppressWarnings("unchecked")
    TypedQuery<UUID> owner = mock(TypedQuery.class);
    when(entities.createQuery(anyString(), eq(UUID.class))).thenReturn(owner);
    when(owner.setParameter(anyString(), any())).thenReturn(owner);
    when(owner.getSingleResult()).thenReturn(SOMEBODY);
    return new Limits(entities, new Disk(() -> FREE, 100), 3, 5, 10_000_000, 2);
  }

  @Test
  void who_has_as_much_as_there_may_be_hears_what_to_do() {
    assertThatThrownBy(() -> having(3).requireRoomForMap(SOMEBODY))
        .isInstanceOf(Refused.class)
        .hasMessage("You have 3 maps, as many as there may be. Delete one first.");
    assertThatThrownBy(() -> having(5).requireRoomForSource(SOMEBODY, 1))
        .hasMessageContaining("5 sources");
    assertThatThrownBy(() -> having(9_000_000).requireRoomForBytes(SOMEBODY, 1_500_000))
        .hasMessageContaining("9 of the 10 MB");
    assertThatThrownBy(() -> having(2).requireRoomForJob(SOMEBODY))
        .hasMessageContaining("Wait until some are done");
  }

  @Test
  void a_disk_that_is_nearly_full_takes_nothing_more_in() {
    long[] free = {1_000};
    Disk disk = new Disk(() -> free[0], 300);
    assertThatCode(() -> disk.requireRoom(700)).doesNotThrowAnyException();
    assertThatThrownBy(() -> disk.requireRoom(701))
        .isInstanceOf(Refused.class)
        .hasMessageContaining("nearly full");
    free[0] = 299;
    assertThatThrownBy(() -> disk.requireRoom(0)).isInstanceOf(Refused.class);
  }

  @Test
  void who_has_less_hears_nothing() {
    assertThatCode(
            () -> {
              having(2).requireRoomForMap(SOMEBODY);
              having(4).requireRoomForSource(SOMEBODY, 1);
              having(8_000_000).requireRoomForBytes(SOMEBODY, 1_500_000);
              having(1).requireRoomForJob(SOMEBODY);
            })
        .doesNotThrowAnyException();
  }
}
