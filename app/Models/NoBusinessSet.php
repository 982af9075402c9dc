<?php

declare(strict_types=1);

namespace App\Models;

use LogicException;

/**
 * Code asked for what belongs to a business without saying which: a mistake of ours, and never an empty answer or
 * everyone's.
 */
final class NoBusinessSet extends LogicException
{
    public function __construct()
    {
        parent::__construct(
            'No business is set. Set one, or say that this works across businesses (CurrentBusiness::across).',
        );
    }
}
