<?php

declare(strict_types=1);

namespace App\Models\Concerns;

use App\Models\Id;
use Illuminate\Database\Eloquent\Concerns\HasUlids;

/** Is known by an identifier in its one form (see Id). */
trait HasId
{
    use HasUlids;

    public function newUniqueId(): string
    {
        return Id::make();
    }
}
