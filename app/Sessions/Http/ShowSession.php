<?php

declare(strict_types=1);

namespace App\Sessions\Http;

use App\Http\Asker;
use App\Sessions\SessionSheet;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** All about one session: whoever sees only their own day sees those they hold. */
final readonly class ShowSession
{
    public function __construct(private SessionSheet $sheet)
    {
    }

    public function __invoke(Request $request, string $slug, string $id): JsonResponse
    {
        return new JsonResponse($this->sheet->of(Asker::business($request), SessionOf::request($request, $id)));
    }
}
