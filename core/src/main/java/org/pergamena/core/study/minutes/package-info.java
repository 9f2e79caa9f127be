/** What was decided in a meeting, who is to do what, and who was there, as its minutes have it. */
package org.pergamena.core.study.minutes;
