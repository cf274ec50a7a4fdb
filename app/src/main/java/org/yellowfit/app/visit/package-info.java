/**
 * A customer's visit: what was said of the place, what is wanted, which plants were picked. Every screen of the job
 * stands on it.
 */
package org.yellowfit.app.visit;
