/** The made-up shop that a demo starts with, and the first manager of a real one. */
package org.yellowfit.app.demo;
