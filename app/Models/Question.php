<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\HasId;
use App\Models\Concerns\OfBusiness;
use App\Models\Concerns\OfRules;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;

/**
 * @property string $id
 * @property int $business_id
 * @property string $text
 * @property QuestionType $type one of TYPES
 * @property list<string> $choices
 * @property bool $required
 * @property non-empty-list<string>|null $services ids; null: all of them
 * @property array{question: string, answer: string}|null $shown_if
 * @property string $parameter of the link that fills a hidden one
 * @property int $position
 */
final class Question extends Model
{
    use HasId;
    use OfBusiness;
    use OfRules;

    protected $table = 'questions';

    protected $guarded = [];

    /** @return Collection<int, self> all of a business, read once while that is the one spoken of */
    public static function of(int $business): Collection
    {
        return app(CurrentBusiness::class)->once(
            $business,
            'questions',
            static fn (): Collection => self::query()->where('business_id', $business)->orderBy('position')->get(),
        );
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'type' => QuestionType::class,
            'choices' => 'array',
            'required' => 'boolean',
            'services' => 'array',
            'shown_if' => 'array',
        ];
    }
}
