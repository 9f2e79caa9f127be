package org.pergamena.core;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;

@AnalyzeClasses(
    packages = "org.pergamena.core",
    importOptions = ImportOption.DoNotIncludeTests.class)
class ArchitectureTest {
  @ArchTest
  static final ArchRule core_knows_no_framework_file_or_screen =
      noClasses()
          .should()
          .dependOnClassesThat()
          .resideInAnyPackage(
              "org.springframework..",
              "org.hibernate..",
              "jakarta..",
              "java.sql..",
              "java.net..",
              "java.nio.file..",
              "java.awt..",
              "javax.swing..",
              "org.pergamena.formats..",
              "org.pergamena.server..");

  @ArchTest
  static final ArchRule packages_have_no_cycles =
      slices().matching("org.pergamena.core.(**)").should().beFreeOfCycles();

  @ArchTest
  static final ArchRule a_map_does_not_know_how_it_is_made_or_shown =
      noClasses()
          .that()
          .resideInAnyPackage("..core.map..", "..core.source..")
          .should()
          .dependOnClassesThat()
          .resideInAnyPackage(
              "..core.distil..", "..core.layout..", "..core.outline..", "..core.analysis..");
}
