<?php

declare(strict_types=1);

namespace App\Board\Http;

use App\Bookings\OtherTimes;
use App\Changes\ReadDrafts;
use App\Http\Asker;
use App\Times\DraftedBook;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use YardBell\Core\Availability\RuleBook;
use YardBell\Core\Availability\Slot;
use YardBell\Core\Time\Wall;

/** Where else a booking could go; with drafts, under the rules as they would be. */
final readonly class AskOtherTimes
{
    private const COUNT = 12;

    public function __construct(private DraftedBook $drafted, private ReadDrafts $read, private OtherTimes $times)
    {
    }

    public function __invoke(Request $request, string $slug, string $id): JsonResponse
    {
        $business = Asker::business($request);
        $access = Asker::access($request);
        $booking = $business->bookings()->findOrFail($id);
        $drafts = $request->has('drafts') && $request->input('drafts') !== [] ? ($this->read)($request, $business) : [];
        $book = $this->drafted->with($business, $access, $drafts);

        return new JsonResponse([
            'times' => array_map(
                static fn (Slot $slot): array => self::shape($slot, $book),
                $this->times->of($business, $book, $booking, self::COUNT),
            ),
        ]);
    }

    /** @return array<string, mixed> */
    private static function shape(Slot $slot, RuleBook $book): array
    {
        return [
            'start' => Wall::writeInstant($slot->start),
            'staff' => $slot->staff,
            'names' => array_map(static fn (string $id): string => $book->staff[$id]->name, $slot->staff),
        ];
    }
}
