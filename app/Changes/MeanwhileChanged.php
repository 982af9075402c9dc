<?php

declare(strict_types=1);

namespace App\Changes;

use App\Support\Refusal;

/** Somebody else has changed the thing since it was read: what it is now is shown, nothing is overwritten. */
final class MeanwhileChanged extends Refusal
{
    public function __construct(
        public readonly string $kind,
        public readonly string $id,
        public readonly ?Content $now,
        public readonly string $by,
    ) {
        parent::__construct(
            $now === null
                ? "{$by} has removed this meanwhile. What you typed is still here; keep it as something new, or leave "
                    .'it be.'
                : "{$by} has changed this meanwhile. See below what is different now; what you typed is still here.",
            409,
            'changed_meanwhile',
        );
    }

    public function details(): array
    {
        return [
            'meanwhile' => [
                'kind' => $this->kind,
                'id' => $this->id,
                'version' => Version::of($this->now),
                'content' => $this->now?->toArray(),
                'by' => $this->by,
            ],
        ];
    }
}
