<?php

declare(strict_types=1);

namespace App\Changes;

use App\Models\Business;
use Illuminate\Contracts\Validation\Factory;
use Illuminate\Validation\ValidationException;

/** Holds a content against the rules of its kind, as the business is now. */
final readonly class CheckContent
{
    public function __construct(private Factory $validation)
    {
    }

    /**
     * @param  array<string, mixed>  $content
     * @param  string|null  $id null: a new thing
     * @return array<string, mixed> what the rules speak of
     *
     * @throws ValidationException by field
     */
    public function __invoke(Thing $thing, Business $business, ?string $id, array $content): array
    {
        $given = $this->validation->make($content, $thing->rules($business, $id), $thing->sentences() + ['max' => 'At most :max fit here.', 'max.string' => 'At most :max characters fit here.'])->validate();
        $wrong = $thing instanceof ChecksTogether ? $thing->together($given) : [];

        return $wrong === [] ? $given : throw ValidationException::withMessages($wrong);
    }
}
