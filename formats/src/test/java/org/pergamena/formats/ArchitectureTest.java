package org.pergamena.formats;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;

@AnalyzeClasses(
    packages = "org.pergamena.formats",
    importOptions = ImportOption.DoNotIncludeTests.class)
class ArchitectureTest {
  @ArchTest
  static final ArchRule formats_know_no_server_and_no_database =
      noClasses()
          .should()
          .dependOnClassesThat()
          .resideInAnyPackage(
              "org.springframework..",
              "org.hibernate..",
              "jakarta..",
              "java.sql..",
              "org.pergamena.server..");

  @ArchTest
  static final ArchRule packages_have_no_cycles =
      slices().matching("org.pergamena.formats.(**)").should().beFreeOfCycles();
}
