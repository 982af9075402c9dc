<?php

declare(strict_types=1);

namespace App\Offer\Things;

use App\Changes\ModelThing;
use App\Models\Business;
use App\Models\Question;
use App\Roster\Checks;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Validation\Rule;

/** Something a client is asked when booking. */
final readonly class QuestionThing extends ModelThing
{
    protected function model(): string
    {
        return Question::class;
    }

    public function rules(Business $business, ?string $id): array
    {
        $chosen = ['choice', 'choices'];

        return [
            'text' => 'required|string|max:300',
            'type' => ['required', Rule::in(Question::TYPES)],
            'choices' => ['present', 'array', 'list', 'max:40', 'required_if:type,'.implode(',', $chosen)],
            'choices.*' => 'required|string|max:120|distinct:ignore_case',
            'required' => 'required|boolean',
            'services' => 'present|nullable|array|list|min:1|max:300',
            'services.*' => ['distinct', ...Checks::of($business, 'services')],
            'shownIf' => 'present|nullable|array:question,answer',
            'shownIf.question' => ['required_with:shownIf', Rule::notIn([(string) $id]), ...Checks::of($business, 'questions')],
            'shownIf.answer' => 'required_with:shownIf|string|max:120',
            'parameter' => ['nullable', 'required_if:type,hidden', 'string', 'max:60', 'regex:/^[a-z][a-z0-9_-]*\z/'],
        ];
    }

    public function sentences(): array
    {
        return [
            'text.required' => 'What do you want to know?', 'type.*' => 'Choose how it is answered.', 'choices.required_if' => 'Name at least one answer to choose from.',
            'choices.*.required' => 'An answer has a text.', 'choices.*.distinct' => 'Two answers are the same.', 'services.*' => 'Choose services, or all of them.', 'services.min' => 'No service is chosen. Choose some, or all of them.',
            'shownIf.question.*' => 'Choose an earlier question.', 'shownIf.answer.*' => 'After which answer?', 'parameter.*' => 'The part of the link that fills it: small letters, digits, hyphens, like "from".',
        ];
    }

    public function shaped(array $given): array
    {
        $isChosen = in_array($given['type'], ['choice', 'choices'], true);

        return [
            'text' => trim($given['text']), 'type' => $given['type'], 'choices' => $isChosen ? array_map(trim(...), $given['choices']) : [], 'required' => $given['type'] !== 'hidden' && $given['required'],
            'services' => $given['services'], 'shownIf' => $given['shownIf'] === null ? null : ['question' => $given['shownIf']['question'], 'answer' => $given['shownIf']['answer']],
            'parameter' => $given['type'] === 'hidden' ? (string) $given['parameter'] : '',
        ];
    }

    public function content(Model $row): array
    {
        assert($row instanceof Question);

        return ['text' => $row->text, 'type' => $row->type, 'choices' => $row->choices, 'required' => $row->required, 'services' => $row->services, 'shownIf' => $row->shown_if, 'parameter' => $row->parameter];
    }

    protected function columns(array $content): array
    {
        return ['text' => $content['text'], 'type' => $content['type'], 'choices' => $content['choices'], 'required' => $content['required'], 'services' => $content['services'], 'shown_if' => $content['shownIf'], 'parameter' => $content['parameter']];
    }

    public function objection(Business $business, string $id, ?array $content): ?string
    {
        if ($content === null) {
            return Question::query()->where('business_id', $business->id)->where('shown_if', 'like', "%{$id}%")->exists() ? 'Another question is only asked after this one. Change that first.' : null;
        }
        $seen = [$id => true];
        for ($next = $content['shownIf']['question'] ?? null; $next !== null; $next = Question::query()->find($next)->shown_if['question'] ?? null) {
            if (isset($seen[$next])) {
                return 'These questions would wait for each other, and none of them would ever be asked.';
            }
            $seen[$next] = true;
        }

        return null;
    }

    public function name(array $content): string
    {
        return (string) $content['text'];
    }
}
