<?php

declare(strict_types=1);

namespace App\Offer\Http;

use App\Changes\ReadDrafts;
use App\Http\Asker;
use App\Offer\DraftedService;
use App\Support\Checks;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use YardBell\Core\Time\Wall;

/** Why a service that is being edited is not offered at an hour, or that it is (rules.md T19). */
final readonly class AskWhyNot
{
    public function __construct(private ReadDrafts $read, private DraftedService $drafted)
    {
    }

    public function __invoke(Request $request): JsonResponse
    {
        $business = Asker::business($request);
        $access = Asker::access($request);
        $at = $request->validate(['at' => ['required', Checks::wall()]])['at'];
        [$book, $id] = $this->drafted->book($business, $access, ($this->read)($request, $business));

        return new JsonResponse($this->drafted->whyNot(
            business: $business,
            access: $access,
            book: $book,
            service: $id,
            wall: Wall::dateTime($at),
        ));
    }
}
