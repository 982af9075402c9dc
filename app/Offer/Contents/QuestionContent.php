<?php

declare(strict_types=1);

namespace App\Offer\Contents;

use App\Changes\Content;
use App\Models\Business;
use App\Models\Question;
use App\Models\QuestionType;
use App\Support\Checks;
use App\Support\Given;
use App\Support\LinkWords;
use App\Support\OnceEach;
use Illuminate\Validation\Rule;

final readonly class QuestionContent extends Content
{
    /**
     * @param  list<string>  $choices
     * @param  list<string>|null  $services ids; null: all of them
     * @param  array{question: string, answer: string}|null  $shownIf
     * @param  string  $parameter of the link, which fills a hidden one
     */
    public function __construct(
        public string $text,
        public QuestionType $type,
        public array $choices,
        public bool $required,
        public ?array $services,
        public ?array $shownIf,
        public string $parameter,
    ) {
    }

    public static function from(Given $given): static
    {
        $type = QuestionType::from($given->string('type'));
        $after = $given->underIf('shownIf');

        return new self(
            text: $given->text('text'),
            type: $type,
            choices: $type->isChosen() ? array_map(trim(...), $given->strings('choices')) : [],
            required: $type !== QuestionType::Hidden && $given->bool('required'),
            services: $given->stringsIf('services'),
            shownIf: $after === null
                ? null
                : ['question' => $after->string('question'), 'answer' => $after->string('answer')],
            parameter: $type === QuestionType::Hidden ? $given->string('parameter') : '',
        );
    }

    public static function of(Question $row): self
    {
        return new self(
            text: $row->text,
            type: $row->type,
            choices: $row->choices,
            required: $row->required,
            services: $row->services,
            shownIf: $row->shown_if,
            parameter: $row->parameter,
        );
    }

    public static function rules(Business $business, ?string $id): array
    {
        return [
            'text' => 'required|string|max:300',
            'type' => ['required', Rule::enum(QuestionType::class)],
            'choices' => ['present', 'array', 'list', 'max:40', 'required_if:type,choice,choices'],
            'choices.*' => [
                'required',
                'string',
                'max:120',
                new OnceEach('choices', 'wrong.question.choice_twice'),
            ],
            'required' => 'required|boolean',
            'services' => 'present|nullable|array|list|min:1|max:300',
            'services.*' => ['distinct', ...Checks::of($business, 'services')],
            'shownIf' => 'present|nullable|array:question,answer',
            'shownIf.question' => [
                'required_with:shownIf',
                Rule::notIn([(string) $id]),
                ...Checks::of($business, 'questions'),
            ],
            'shownIf.answer' => 'required_with:shownIf|string|max:120',
            'parameter' => [
                'nullable',
                'required_if:type,hidden',
                'string',
                'max:60',
                'regex:/^[a-z][a-z0-9_-]*\z/',
                Rule::notIn(LinkWords::RESERVED),
            ],
        ];
    }

    public static function sentences(): array
    {
        return [
            'text.required' => 'wrong.question.text_required',
            'type.*' => 'wrong.question.type',
            'choices.required_if' => 'wrong.question.choices_required',
            'choices.*.required' => 'wrong.question.choice_required',
            'services.*' => 'wrong.question.services',
            'services.min' => 'wrong.question.services_empty',
            'shownIf.question.*' => 'wrong.question.shown_if_question',
            'shownIf.answer.*' => 'wrong.question.shown_if_answer',
            'parameter.not_in' => 'wrong.question.parameter_reserved',
            'parameter.*' => 'wrong.question.parameter',
        ];
    }

    public function name(): string
    {
        return $this->text;
    }
}
