<?php

declare(strict_types=1);

namespace App\Gate;

use App\Facts\VisitParts;
use App\Models\Answer;
use App\Models\Attachment;
use App\Models\Booking;
use App\Models\Business;
use App\Models\Question;
use App\Models\QuestionType;
use App\Support\Column;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Validation\ValidationException;
use YardBell\Core\Time\InvalidTime;
use YardBell\Core\Time\Wall;

/**
 * What a client is asked for a service, and what of the answers given is kept: each with its question as it was asked.
 */
final readonly class Questions
{
    /**
     * @param  list<string>  $services that are shown: what is asked for others alone is left out, and so are their ids
     * @return list<array<string, mixed>> for the page
     */
    public static function of(Business $business, array $services): array
    {
        $asked = self::all($business)->filter(
            static fn (Question $question): bool => $question->services === null ||
                array_intersect($question->services, $services) !== [],
        );

        return array_values(
            $asked
                ->map(
                    static fn (Question $question): array => [
                        'id' => $question->id,
                        'text' => $question->text,
                        'type' => $question->type->value,
                        'choices' => $question->choices,
                        'required' => $question->required,
                        'services' => $question->services === null
                                ? null
                                : array_values(array_intersect($question->services, $services)),
                        'shownIf' => $question->shown_if,
                        'parameter' => $question->parameter,
                    ],
                )
                ->all(),
        );
    }

    /**
     * The same of each part of a visit, by booking.
     *
     * @param  array<string, mixed>  $given by question
     * @return array<string, list<Answer>>
     *
     * @throws ValidationException by question, "answers.{id}"
     */
    public static function ofVisit(Business $business, Booking $booking, array $given): array
    {
        $answers = [];
        foreach (VisitParts::of($booking) ?: [$booking] as $part) {
            $answers[$part->id] = self::answers($business, $part, $given);
        }

        return $answers;
    }

    /**
     * @param  array<string, mixed>  $given by question
     * @return list<Answer>
     *
     * @throws ValidationException by question, "answers.{id}"
     */
    public static function answers(Business $business, Booking $booking, array $given): array
    {
        [$answers, $kept, $wrong] = [[], [], []];
        foreach (self::all($business) as $question) {
            $asked =
                ($question->services === null || in_array($booking->service_id, $question->services, true)) &&
                ($question->shown_if === null ||
                    in_array(
                        $question->shown_if['answer'],
                        (array) ($answers[$question->shown_if['question']] ?? []),
                        true,
                    ));
            if (! $asked) {
                continue;
            }
            $answer = self::plain($given[$question->id] ?? null);
            $file =
                $question->type === QuestionType::File && $answer !== []
                    ? Attachment::query()
                        ->where('business_id', $business->id)
                        ->whereIn('booking_id', self::together($booking))
                        ->find($answer[0])
                    : null;
            $problem = self::problem($question, $answer, $file);
            if ($problem !== null) {
                $wrong["answers.{$question->id}"] = [$problem];
            } elseif ($answer !== []) {
                $answers[$question->id] = $answer;
                $kept[] = new Answer(
                    question: $question->id,
                    given: $answer,
                    asked: $question->text,
                    text: $file->name ?? implode(', ', $answer),
                    file: $file?->id,
                );
            }
        }

        return $wrong === [] ? $kept : throw ValidationException::withMessages($wrong);
    }

    /**
     * What a client has answered, to be changed by them: by question, as they gave it.
     *
     * @param  list<Booking>  $parts
     * @return array<string, list<string>>
     */
    public static function given(Business $business, array $parts): array
    {
        $given = [];
        if (array_filter($parts, static fn (Booking $part): bool => $part->answers !== []) === []) {
            return $given;
        }
        $ids = self::all($business)->pluck('id', 'text');
        foreach ($parts as $part) {
            foreach ($part->answers as $answer) {
                $id = $answer->question ?? $ids->get($answer->asked); // those of before kept its text alone
                if (is_string($id)) {
                    $given[$id] = $answer->given;
                }
            }
        }

        return $given;
    }

    /** @return array<string, string> by question, where an address was asked for */
    public static function addresses(Business $business, Booking $booking): array
    {
        $given = self::given($business, [$booking]);
        $asked = self::all($business)->where('type', QuestionType::Address)->pluck('id');

        return array_map(
            static fn (array $answer): string => $answer[0] ?? '',
            array_intersect_key($given, array_flip(Column::strings($asked))),
        );
    }

    /** @return list<string> ids of the bookings whose files can be an answer: it was sent for the visit's first part */
    private static function together(Booking $booking): array
    {
        return $booking->visit_id === null
            ? [$booking->id]
            : array_map(static fn (Booking $part): string => $part->id, VisitParts::of($booking));
    }

    /** @return Collection<int, Question> */
    private static function all(Business $business): Collection
    {
        return Question::of($business->id);
    }

    /** @return list<string> what was typed or chosen; nothing, if it was left empty */
    private static function plain(mixed $given): array
    {
        $all = array_filter(
            is_array($given) ? $given : [$given],
            static fn (mixed $one): bool => is_string($one) && trim($one) !== '',
        );

        return array_values(array_map(static fn (string $one): string => trim($one), $all));
    }

    /** @param  list<string>  $answer */
    private static function problem(Question $question, array $answer, ?Attachment $file): ?string
    {
        if ($answer === []) {
            return $question->required ? 'wrong.answer.required' : null;
        }
        $most = $question->type->longest();

        return match (true) {
            mb_strlen(implode('', $answer)) > $most => "wrong.plain.too_long?max={$most}",
            count($answer) > 1 && $question->type !== QuestionType::Choices => 'wrong.answer.only_one',
            default => self::misfit($question, $answer, $file),
        };
    }

    /** @param  non-empty-list<string>  $answer */
    private static function misfit(Question $question, array $answer, ?Attachment $file): ?string
    {
        [$fits, $sentence] = match ($question->type) {
            QuestionType::Short, QuestionType::Long, QuestionType::Address, QuestionType::Hidden => [true, null],
            QuestionType::Choice, QuestionType::Choices => [
                array_diff($answer, $question->choices) === [],
                'wrong.answer.not_a_choice',
            ],
            QuestionType::YesNo => [in_array($answer[0], ['yes', 'no'], true), 'wrong.answer.yes_or_no'],
            QuestionType::Number => [is_numeric(str_replace(',', '.', $answer[0])), 'wrong.answer.number'],
            QuestionType::File => [$file !== null, 'wrong.answer.file'],
            QuestionType::Date => [self::isDate($answer[0]), 'wrong.answer.date'],
        };

        return $fits ? null : $sentence;
    }

    private static function isDate(string $given): bool
    {
        try {
            Wall::day($given);

            return true;
        } catch (InvalidTime) {
            return false;
        }
    }
}
