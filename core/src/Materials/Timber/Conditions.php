<?php

declare(strict_types=1);

namespace Waage\Materials\Timber;

/** Where a member is, how it was treated, and whether it stands alone. */
final readonly class Conditions
{
    /**
     * @param  bool  $installedWet  it dries under load: k_def + 1.0 (EN), creep as of wet timber (NDS)
     * @param  bool  $incised  incisions for preservatives: C_i (NDS), K_T (CSA)
     * @param  bool  $sharesLoad  one of several alike that share the load: k_sys, C_r, K_H
     */
    public function __construct(
        public ServiceClass $serviceClass = ServiceClass::Dry,
        public bool $installedWet = false,
        public bool $incised = false,
        public bool $sharesLoad = false,
    ) {
    }

    public function isWet(): bool
    {
        return $this->serviceClass === ServiceClass::Exposed;
    }

    public function kDef(): float
    {
        return $this->serviceClass->kDef() + ($this->installedWet ? 1.0 : 0.0);
    }
}
