/** Care in words, and the cautions that go with what is handed over (rules F and I). */
package org.yellowfit.core.care;
