<?php

declare(strict_types=1);

namespace App\Board\Http;

use App\Bookings\Choice;
use App\Models\Business;
use App\Support\Given;
use Illuminate\Validation\Rule;

/** What the desk has chosen so far, read from a body: what is named must be the business's own. */
final class DeskChoice
{
    /** @return array<string, list<mixed>> */
    public static function rules(Business $business): array
    {
        $own = static fn (string $table): mixed => Rule::exists($table, 'id')->where('business_id', $business->id);

        return [
            'service' => ['required', 'string', 'max:26', $own('services')],
            'staff' => ['nullable', 'string', 'max:26', $own('staff')],
            'minutes' => ['nullable', 'integer', 'min:1', 'max:43200'],
            'party' => ['required', 'integer', 'min:1', 'max:1000'],
        ];
    }

    /** @return array<string, string> */
    public static function sentences(): array
    {
        return [
            'service.*' => 'wrong.desk.which_service',
            'staff.*' => 'wrong.choice.no_such_person',
            'minutes.*' => 'wrong.choice.length_whole_number',
            'party.*' => 'wrong.choice.how_many_come',
        ];
    }

    public static function of(Given $given): Choice
    {
        return new Choice(
            $given->string('service'),
            $given->stringIf('staff'),
            $given->int('party'),
            $given->intIf('minutes'),
        );
    }
}
