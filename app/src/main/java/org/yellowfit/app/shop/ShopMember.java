package org.yellowfit.app.shop;

/** Whoever works for one shop, and sees what is that shop's. */
public interface ShopMember {

    /** The shop every installation begins with. */
    long FIRST_SHOP = 1;

    long shopId();
}
