package org.pergamena.server.sessions;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;

/** A setting that all servers on this database share. */
@Entity
@Table(name = "setting")
class SettingRow {
  @Id String name;
  String value;

  protected SettingRow() {}
}
