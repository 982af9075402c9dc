<?php

declare(strict_types=1);

namespace App\Board\Http;

use App\Board\BookingCard;
use App\Board\DeskTimes;
use App\Bookings\BookAtDesk;
use App\Bookings\Guest;
use App\Clients\PhoneNumber;
use App\Http\Asker;
use App\Models\Business;
use App\Support\CoreSentence;
use App\Support\Given;
use App\Support\MailAddress;
use App\Support\Refusal;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use YardBell\Core\Time\InvalidTime;
use YardBell\Core\Time\Wall;

/** Books for somebody at the desk or on the telephone. */
final readonly class BookHere
{
    public function __construct(private BookAtDesk $book, private BookingCard $card)
    {
    }

    public function __invoke(Request $request): JsonResponse
    {
        $business = Asker::business($request);
        $given = Given::in($request->validate(
            [...DeskChoice::rules($business), ...self::rules($business)],
            [
                ...DeskChoice::sentences(),
                'client.*' => 'wrong.desk.no_such_client',
                'name.required_without' => 'wrong.desk.who_comes',
                'max' => 'wrong.plain.most_characters_fit?max=:max',
            ],
        ));
        try {
            $start = Wall::instant($given->string('start'));
        } catch (InvalidTime $wrong) {
            throw new Refusal(CoreSentence::of($wrong), 422, 'invalid');
        }
        $guest = new Guest(
            $given->stringIf('client'),
            $given->text('name'),
            $given->text('email'),
            PhoneNumber::canonical($given->text('phone'), $business->time_zone),
        );
        $booking = ($this->book)(
            $business,
            DeskChoice::of($given)->at($start, DeskTimes::relaxed()),
            $guest,
            $given->text('note'),
            $given->bool('told'),
            Asker::access($request)->user->name,
        );

        return new JsonResponse($this->card->of($booking), 201);
    }

    /** @return array<string, mixed> */
    private static function rules(Business $business): array
    {
        return [
            'start' => 'required|string|max:20',
            'client' => [
                'nullable',
                'string',
                'max:26',
                Rule::exists('clients', 'id')->where('business_id', $business->id),
            ],
            'name' => 'nullable|required_without:client|string|max:120',
            'email' => ['nullable', 'string', 'max:190', new MailAddress()],
            'phone' => ['nullable', 'string', 'max:40', new PhoneNumber($business->time_zone)],
            'note' => 'nullable|string|max:1000',
            'told' => 'required|boolean',
        ];
    }
}
