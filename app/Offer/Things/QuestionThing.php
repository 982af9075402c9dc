<?php

declare(strict_types=1);

namespace App\Offer\Things;

use App\Changes\Content;
use App\Changes\ModelThing;
use App\Models\Business;
use App\Models\Question;
use App\Offer\Contents\QuestionContent;
use Illuminate\Database\Eloquent\Model;

/**
 * Something a client is asked when booking.
 *
 * @extends ModelThing<QuestionContent, Question>
 */
final readonly class QuestionThing extends ModelThing
{
    public function contents(): string
    {
        return QuestionContent::class;
    }

    protected function model(): string
    {
        return Question::class;
    }

    public function content(Model $row): QuestionContent
    {
        return QuestionContent::of($row);
    }

    protected function columns(Content $content): array
    {
        return [
            'text' => $content->text,
            'type' => $content->type,
            'choices' => $content->choices,
            'required' => $content->required,
            'services' => $content->services,
            'shown_if' => $content->shownIf,
            'parameter' => $content->parameter,
        ];
    }

    public function objection(Business $business, string $id, ?Content $content): ?string
    {
        if ($content === null) {
            $isAskedAfter = Question::query()
                ->where('business_id', $business->id)
                ->where('shown_if', 'like', "%{$id}%")
                ->exists();

            return $isAskedAfter ? 'wrong.question.in_use' : null;
        }
        $seen = [$id => true];
        for (
            $next = $content->shownIf['question'] ?? null;
            $next !== null;
            $next = Question::query()->find($next)->shown_if['question'] ?? null
        ) {
            if (isset($seen[$next])) {
                return 'wrong.question.circle';
            }
            $seen[$next] = true;
        }

        return null;
    }
}
