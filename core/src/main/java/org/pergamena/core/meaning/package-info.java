/**
 * What words mean where they stand: vectors by a small sentence encoder that ships with the
 * application.
 */
package org.pergamena.core.meaning;
