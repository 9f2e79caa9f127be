/** What two branches, sources or maps have in common, and what each has alone. */
package org.pergamena.core.study.compare;
