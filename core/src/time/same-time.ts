/** Times in years closer than this are the same: they are sums of fractions. */
export const SAME_TIME = 1e-9;
