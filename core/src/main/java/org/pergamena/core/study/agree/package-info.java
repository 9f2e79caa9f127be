/** What sources say alike and what they contradict each other in. */
package org.pergamena.core.study.agree;
