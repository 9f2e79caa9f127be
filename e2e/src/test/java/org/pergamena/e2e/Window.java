package org.pergamena.e2e;

import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;

/** The window that a desk is in, in CSS pixels, where it is not the usual one. */
@Target(ElementType.PARAMETER)
@Retention(RetentionPolicy.RUNTIME)
@interface Window {
  int width() default 1280;

  int height() default 800;

  /** Whether it is touched. */
  boolean touched() default false;

  /** Whether colours are those that the system's settings force. */
  boolean forced() default false;

  /** Whether the service worker is at work, which fetches all of the page beforehand. */
  boolean kept() default false;
}
