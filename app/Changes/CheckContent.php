<?php

declare(strict_types=1);

namespace App\Changes;

use App\Models\Business;
use App\Support\Given;
use Illuminate\Contracts\Validation\Factory;
use Illuminate\Validation\ValidationException;

/** Holds what is given against the rules of its kind, as the business is now. */
final readonly class CheckContent
{
    /** Of whatever kind: what is said where there is too much. */
    public const SENTENCES = [
        'max' => 'wrong.plain.too_many?max=:max',
        'max.string' => 'wrong.plain.too_long?max=:max',
    ];

    public function __construct(private Factory $validation)
    {
    }

    /**
     * @template C of Content
     *
     * @param  Thing<C>  $thing
     * @param  array<array-key, mixed>  $given
     * @param  string|null  $id null: a new thing
     * @return C
     *
     * @throws ValidationException by field
     */
    public function __invoke(Thing $thing, Business $business, ?string $id, array $given): Content
    {
        $contents = $thing->contents();
        $checked = Given::in(
            $this->validation
                ->make($given, $contents::rules($business, $id), $contents::sentences() + self::SENTENCES)
                ->validate(),
        );
        $wrong = $thing instanceof ChecksTogether ? $thing->together($checked) : [];

        return $wrong === [] ? $contents::from($checked) : throw ValidationException::withMessages($wrong);
    }
}
