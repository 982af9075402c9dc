<?php

declare(strict_types=1);

namespace App\Ledger;

use RuntimeException;

final class ChargeRefused extends RuntimeException
{
}
