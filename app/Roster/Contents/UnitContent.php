<?php

declare(strict_types=1);

namespace App\Roster\Contents;

use App\Changes\Content;
use App\Models\Id;
use App\Models\Unit;
use App\Support\Given;

final readonly class UnitContent extends Content
{
    public function __construct(public string $id, public string $name)
    {
    }

    public static function from(Given $given): static
    {
        return new self(Id::of($given->string('id')), $given->text('name'));
    }

    public static function of(Unit $row): self
    {
        return new self($row->id, $row->name);
    }
}
