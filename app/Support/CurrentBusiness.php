<?php

declare(strict_types=1);

namespace App\Support;

use App\Models\Business;

/** The one business a request or a job speaks of; everything of others is invisible meanwhile. */
final class CurrentBusiness
{
    private ?Business $business = null;

    public function set(?Business $business): void
    {
        $this->business = $business;
    }

    public function id(): ?int
    {
        return $this->business?->id;
    }
}
