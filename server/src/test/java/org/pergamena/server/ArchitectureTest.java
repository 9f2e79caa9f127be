package org.pergamena.server;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;

@AnalyzeClasses(packages = "org.pergamena", importOptions = ImportOption.DoNotIncludeTests.class)
class ArchitectureTest {
  @ArchTest
  static final ArchRule packages_have_no_cycles =
      slices().matching("org.pergamena.server.(**)").should().beFreeOfCycles();

  @ArchTest
  static final ArchRule the_command_line_needs_no_server =
      noClasses()
          .that()
          .resideInAPackage("org.pergamena.cli..")
          .should()
          .dependOnClassesThat()
          .resideInAnyPackage("org.pergamena.server..", "org.springframework..", "java.sql..");

  @ArchTest
  static final ArchRule only_rows_and_stores_know_the_database =
      noClasses()
          .that()
          .resideInAnyPackage("..server.desk..", "..server.export..", "..server.demo..")
          .should()
          .dependOnClassesThat()
          .resideInAnyPackage("jakarta.persistence..", "org.hibernate..", "java.sql..");
}
