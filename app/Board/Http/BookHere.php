<?php

declare(strict_types=1);

namespace App\Board\Http;

use App\Board\BookingCard;
use App\Board\CheckOverride;
use App\Board\DeskTimes;
use App\Bookings\BookAtDesk;
use App\Bookings\Together;
use App\Clients\Http\GuestAsked;
use App\Http\Asker;
use App\Models\Business;
use App\Support\CoreSentence;
use App\Support\Given;
use App\Support\Refusal;
use App\Times\PlanVisit;
use App\Times\Wish;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use YardBell\Core\Booking\RepeatRule;
use YardBell\Core\Time\InvalidTime;
use YardBell\Core\Time\Wall;

/** Books for somebody at the desk or on the telephone. */
final readonly class BookHere
{
    public function __construct(
        private DeskChoice $choice,
        private PlanVisit $plan,
        private BookAtDesk $book,
        private CheckOverride $check,
        private BookingCard $card,
    ) {
    }

    public function __invoke(Request $request): JsonResponse
    {
        $business = Asker::business($request);
        $given = Given::in($request->validate(
            [
                ...DeskChoice::rules($business),
                ...GuestAsked::rules($business),
                ...self::rules($business),
                ...CheckOverride::rules(),
            ],
            [
                ...DeskChoice::sentences(),
                ...GuestAsked::sentences(),
                'max' => 'wrong.plain.too_long?max=:max',
            ],
        ));
        $guest = GuestAsked::read($given, $business);
        $access = Asker::access($request);
        $override = CheckOverride::asked($given, $access);
        $bookings = ($this->book)(
            business: $business,
            wishes: array_map(
                fn (Wish $wish): Wish => $this->check->ofWish($business, $access, $wish->with($override)),
                $this->wishes($business, $given),
            ),
            guest: $guest,
            note: $given->text('note'),
            codes: $given->stringsIf('codes') ?? [],
            told: $given->bool('told'),
            by: $access->user->name,
            together: $given->each('then') !== [] ? Together::Visit : Together::Repeat,
        );

        return new JsonResponse($this->card->of($bookings[0]), 201);
    }

    /** @return non-empty-list<Wish> of a visit each part, of a repeat each date */
    private function wishes(Business $business, Given $given): array
    {
        $choice = $this->choice->of($business, $given);
        $visit = $this->choice->visit($given, $choice);
        try {
            $start = Wall::instant($given->string('start'));
            if ($visit !== null) {
                return $this->plan->at($business, $visit, $start, DeskTimes::relaxed());
            }
            $wishes = [new Wish($choice, $start, DeskTimes::relaxed())];
            foreach ($given->each('more') as $more) {
                $wishes[] = new Wish($choice->with($more->stringIf('staff')), Wall::instant($more->string('start')),
                    DeskTimes::relaxed(), );
            }
        } catch (InvalidTime $wrong) {
            throw new Refusal(CoreSentence::of($wrong), 422, 'invalid');
        }

        return $wishes;
    }

    /** @return array<string, mixed> */
    private static function rules(Business $business): array
    {
        return [
            'start' => 'required|string|max:20',
            'more' => 'nullable|array|list|max:'.(RepeatRule::MOST - 1),
            'more.*.start' => 'required|string|max:20',
            'more.*.staff' => [
                'nullable',
                'string',
                'max:26',
                Rule::exists('staff', 'id')->where('business_id', $business->id),
            ],
            'note' => 'nullable|string|max:1000',
            'codes' => 'nullable|array|list|max:5',
            'codes.*' => 'required|string|max:60',
            'told' => 'required|boolean',
        ];
    }
}
