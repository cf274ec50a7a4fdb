/** The catalogue as it is kept, imported, exported and looked through. */
package org.yellowfit.app.catalogue;
