<?php

declare(strict_types=1);

namespace App\Roster;

use App\Facts\Badge;
use App\Language\Sentence;
use App\Models\Business;
use App\Models\Member;
use Closure;
use Illuminate\Contracts\Validation\DataAwareRule;
use Illuminate\Contracts\Validation\ValidationRule;

/** A badge tells people apart at a glance, so no two of them wear the same; one that is there already stays. */
final class UniqueBadge implements DataAwareRule, ValidationRule
{
    /** @var array<string, mixed> */
    private array $data = [];

    public function __construct(private readonly Business $business, private readonly ?string $id)
    {
    }

    /** @param  array<string, mixed>  $data */
    public function setData(array $data): static
    {
        $this->data = $data;

        return $this;
    }

    public function validate(string $attribute, mixed $value, Closure $fail): void
    {
        $colour = $this->data['colour'] ?? null;
        $people = $this->business->staff()->get(['id', 'name', 'colour', 'pattern']);
        $own = $people->firstWhere('id', $this->id);
        if (
            ! is_string($colour) ||
            ! is_string($value) ||
            ($own !== null && $own->colour === $colour && $own->pattern === $value)
        ) {
            return;
        }
        $other = $people->first(
            fn (Member $member): bool => $member->id !== $this->id &&
                $member->colour === $colour &&
                $member->pattern === $value,
        );
        if ($other !== null && $people->count() < count(Badge::COLOURS) * count(Badge::PATTERNS)) {
            $fail((new Sentence('wrong.person.badge_taken', ['name' => $other->name]))->text());
        }
    }
}
