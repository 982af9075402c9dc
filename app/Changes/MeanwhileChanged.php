<?php

declare(strict_types=1);

namespace App\Changes;

use App\Language\Sentence;
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
            new Sentence($now === null ? 'refusal.setup.removed_meanwhile' : 'refusal.setup.changed_meanwhile', [
                'by' => $by,
            ]),
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
