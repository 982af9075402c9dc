<?php

declare(strict_types=1);

namespace App\Gate;

use App\Bookings\Details;
use App\Clients\PhoneNumber;
use App\Models\Booking;
use App\Models\Business;
use App\Support\MailAddress;
use DateTimeZone;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;

/** What a client gives to book what is kept for them, from the page or from a plain form. */
final readonly class BookDetails
{
    /**
     * @throws ValidationException by field
     */
    public static function of(Request $request, Business $business, Booking $booking): Details
    {
        $details = $request->validate(
            [
                'name' => 'required|string|max:120',
                'email' => ['required', 'string', 'max:190', new MailAddress()],
                'phone' => [
                    $business->asks_phone === 'required' ? 'required' : 'nullable',
                    'string',
                    'max:40',
                    new PhoneNumber($business->time_zone),
                ],
                'note' => 'nullable|string|max:1000',
                'answers' => 'nullable|array|max:200',
                'payNow' => 'nullable|boolean',
                'zone' => 'nullable|string|max:64',
                'agreed' => $business->consent === '' ? 'nullable|boolean' : 'required|accepted',
            ],
            [
                'name.required' => 'wrong.details.name_required',
                'email.required' => 'wrong.details.email_required',
                'phone.required' => 'wrong.details.phone_required',
                'agreed' => 'wrong.details.consent',
                'email.email' => 'wrong.reach.email',
                'max' => 'wrong.plain.too_long?max=:max',
            ],
        );

        return new Details(
            name: trim($details['name']),
            email: trim($details['email']),
            phone: PhoneNumber::canonical($details['phone'] ?? '', $business->time_zone),
            note: trim($details['note'] ?? ''),
            answers: Questions::ofVisit($business, $booking, $request->array('answers')),
            paysNow: (bool) ($details['payNow'] ?? false),
            consent: $business->consent,
            zone: self::zone($details['zone'] ?? ''),
        );
    }

    /** As their browser names it; what is none is not known. */
    private static function zone(string $named): ?string
    {
        return in_array($named, DateTimeZone::listIdentifiers(DateTimeZone::ALL_WITH_BC), true) ? $named : null;
    }
}
