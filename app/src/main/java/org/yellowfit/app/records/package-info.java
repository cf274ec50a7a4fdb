/** Records: what was measured, lost and seen again at the centre's own rows and in customers' gardens (section J). */
package org.yellowfit.app.records;
