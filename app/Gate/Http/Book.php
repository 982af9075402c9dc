<?php

declare(strict_types=1);

namespace App\Gate\Http;

use App\Bookings\ConfirmBooking;
use App\Clients\PhoneNumber;
use App\Gate\ClientBooking;
use App\Gate\LinkedBooking;
use App\Gate\Questions;
use App\Support\MailAddress;
use DateTimeZone;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** The client says who they are: the held time is booked, or waits for its payment. */
final readonly class Book
{
    public function __construct(
        private ConfirmBooking $confirm,
        private LinkedBooking $linked,
        private ClientBooking $shape,
    ) {
    }

    public function __invoke(Request $request, string $id): JsonResponse
    {
        $booking = $this->linked->find($request, $id);
        $business = $booking->business()->firstOrFail();
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
                'name.required' => 'wrong.details.please_tell_us',
                'email.required' => 'wrong.details.we_need_mail',
                'phone.required' => 'wrong.details.we_need_phone',
                'agreed' => 'wrong.details.please_agree',
                'email.email' => 'wrong.reach.does_not_look_like',
                'max' => 'wrong.plain.most_characters_fit?max=:max',
            ],
        );
        ($this->confirm)($business, $id, [
            'name' => trim($details['name']),
            'email' => trim($details['email']),
            'phone' => PhoneNumber::canonical($details['phone'] ?? '', $business->time_zone),
            'note' => trim($details['note'] ?? ''),
            'answers' => Questions::ofVisit($business, $booking, $request->array('answers')),
            'payNow' => (bool) ($details['payNow'] ?? false),
            'consent' => $business->consent,
            'zone' => self::zone($details['zone'] ?? ''),
        ]);

        $shown = $this->shape->of($booking->refresh());

        return new JsonResponse(['pay' => $shown['pay'], 'booking' => $shown]);
    }

    /** As their browser names it; what is none is not known. */
    private static function zone(string $named): ?string
    {
        return in_array($named, DateTimeZone::listIdentifiers(DateTimeZone::ALL_WITH_BC), true) ? $named : null;
    }
}
