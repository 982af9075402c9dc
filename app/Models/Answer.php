<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Contracts\Database\Eloquent\Castable;
use Illuminate\Contracts\Database\Eloquent\CastsAttributes;
use Illuminate\Database\Eloquent\Model;
use JsonSerializable;

/**
 * What a client has answered, with its question as it was asked. A column holds a list of them.
 *
 * @phpstan-type Kept array{id?: string, given?: list<string>, question: string, answer: string, file?: string}
 */
final readonly class Answer implements Castable, JsonSerializable
{
    /**
     * @param  string|null  $question id; null: it was kept before ids were
     * @param  list<string>  $given as it was typed or chosen, or the id of a file
     * @param  string  $asked the question as it was worded then
     * @param  string  $text as it is read
     * @param  string|null  $file id
     */
    public function __construct(
        public ?string $question,
        public array $given,
        public string $asked,
        public string $text,
        public ?string $file = null,
    ) {
    }

    /** @param  Kept  $kept */
    private static function read(array $kept): self
    {
        $file = $kept['file'] ?? null;

        return new self(
            question: $kept['id'] ?? null,
            given: $kept['given'] ?? [$file ?? $kept['answer']],
            asked: $kept['question'],
            text: $kept['answer'],
            file: $file,
        );
    }

    /** @return array<string, mixed> as it is kept */
    public function jsonSerialize(): array
    {
        $own = $this->question === null ? [] : ['id' => $this->question, 'given' => $this->given];

        return $own + $this->told();
    }

    /** @return array{question: string, answer: string, file?: string} as it is shown */
    public function told(): array
    {
        return ['question' => $this->asked, 'answer' => $this->text] +
            ($this->file === null ? [] : ['file' => $this->file]);
    }

    /**
     * @param  array<string>  $arguments
     * @return CastsAttributes<list<self>, list<self>>
     */
    public static function castUsing(array $arguments): CastsAttributes
    {
        return new class() implements CastsAttributes
        {
            /** @return list<Answer> */
            public function get(Model $model, string $key, mixed $value, array $attributes): array
            {
                return Answer::all(is_string($value) ? $value : '[]');
            }

            public function set(Model $model, string $key, mixed $value, array $attributes): string
            {
                return json_encode($value, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE);
            }
        };
    }

    /** @return list<self> of a column */
    public static function all(string $json): array
    {
        /** @var list<Kept> $kept */
        $kept = json_decode($json, true, flags: JSON_THROW_ON_ERROR);

        return array_map(self::read(...), $kept);
    }
}
