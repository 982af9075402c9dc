<?php

declare(strict_types=1);

namespace App\Language;

/** What is to be said, by code and parameters, before it is known in which language. */
final readonly class Sentence
{
    /**
     * @param  string  $code "refusal.held.gone": file and place in it
     * @param  array<string, int|string|self>  $parameters a sentence among them is said first
     */
    public function __construct(public string $code, public array $parameters = [])
    {
    }
}
