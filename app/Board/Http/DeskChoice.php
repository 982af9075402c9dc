<?php

declare(strict_types=1);

namespace App\Board\Http;

use App\Models\Business;
use App\Prices\PriceLists;
use App\Support\Given;
use App\Support\Refusal;
use App\Times\Choice;
use App\Times\VisitChoice;
use Illuminate\Validation\Rule;
use YardBell\Core\Availability\VisitAsk;

/** What the desk has chosen so far, read from a body: what is named must be the business's own. */
final readonly class DeskChoice
{
    /** Add-ons of different kinds, and of one kind. */
    private const MOST = 20;

    public function __construct(private PriceLists $lists)
    {
    }

    /** @return array<string, list<mixed>> */
    public static function rules(Business $business): array
    {
        $own = static fn (string $table): mixed => Rule::exists($table, 'id')->where('business_id', $business->id);

        return [
            'service' => ['required', 'string', 'max:26', $own('services')],
            'staff' => ['nullable', 'string', 'max:26', $own('staff')],
            'minutes' => ['nullable', 'integer', 'min:1', 'max:43200'],
            'party' => ['required', 'integer', 'min:1', 'max:1000'],
            'addOns' => ['nullable', 'array', 'list', 'max:'.self::MOST],
            'addOns.*.id' => ['required', 'string', 'max:26', 'distinct'],
            'addOns.*.quantity' => ['required', 'integer', 'min:1', 'max:'.self::MOST],
            'then' => ['nullable', 'array', 'list', 'max:'.(VisitAsk::MOST - 1)],
            'then.*.service' => ['required', 'string', 'max:26', $own('services')],
            'then.*.staff' => ['nullable', 'string', 'max:26', $own('staff')],
            'then.*.minutes' => ['nullable', 'integer', 'min:1', 'max:43200'],
            'maxWait' => ['nullable', 'integer', 'min:0', 'max:'.VisitAsk::LONGEST_WAIT],
            'anyOrder' => ['nullable', 'boolean'],
            'samePerson' => ['nullable', 'boolean'],
        ];
    }

    /** @return array<string, string> */
    public static function sentences(): array
    {
        return [
            'service.*' => 'wrong.desk.service',
            'then.*.service' => 'wrong.desk.service',
            'then' => 'wrong.desk.parts?most='.VisitAsk::MOST,
            'maxWait.*' => 'wrong.desk.wait?most='.VisitAsk::LONGEST_WAIT,
            'staff.*' => 'wrong.choice.no_such_person',
            'minutes.*' => 'wrong.choice.minutes',
            'party.*' => 'wrong.choice.party',
            'addOns' => 'wrong.choice.add_ons?most='.self::MOST,
            'addOns.*.id' => 'wrong.choice.add_ons?most='.self::MOST,
            'addOns.*.quantity' => 'wrong.choice.add_on_quantity?most='.self::MOST,
        ];
    }

    /** @throws Refusal where the service has no such add-on */
    public function of(Business $business, Given $given): Choice
    {
        $service = $given->string('service');
        $addOns = [];
        foreach ($given->each('addOns') as $one) {
            $addOns[$one->string('id')] = $one->int('quantity');
        }

        return new Choice(
            $service,
            $given->stringIf('staff'),
            $given->int('party'),
            $given->intIf('minutes'),
            addOns: $addOns,
            extra: $this->lists->extraMinutes($business, $service, $addOns),
        );
    }

    /** Several services one after the other (rules.md T20); null: one alone. */
    public function visit(Given $given, Choice $first): ?VisitChoice
    {
        $parts = [$first];
        foreach ($given->each('then') as $then) {
            $parts[] = new Choice(
                $then->string('service'),
                $then->stringIf('staff'),
                $first->party,
                $then->intIf('minutes'),
            );
        }

        return count($parts) === 1
            ? null
            : new VisitChoice(
                $parts,
                $given->intIf('maxWait') ?? 0,
                $given->bool('anyOrder'),
                $given->bool('samePerson'),
            );
    }
}
