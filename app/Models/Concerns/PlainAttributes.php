<?php

declare(strict_types=1);

namespace App\Models\Concerns;

/**
 * An attribute is what its column says, but for the few named here. The framework would look for a method for each that
 * is read or written, by its name in three spellings: a twentieth of what a booking takes.
 */
trait PlainAttributes
{
    /** What has a method that computes it: getBusinessAttribute, getServiceAttribute. */
    private const COMPUTED = ['business', 'service'];

    public function hasGetMutator($key)
    {
        return in_array($key, self::COMPUTED, true) && parent::hasGetMutator($key);
    }

    public function hasSetMutator($key)
    {
        return false;
    }

    public function hasAttributeMutator($key)
    {
        return false;
    }

    public function hasAttributeGetMutator($key)
    {
        return false;
    }

    public function hasAttributeSetMutator($key)
    {
        return false;
    }
}
