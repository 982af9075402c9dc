<?php

declare(strict_types=1);

namespace App\Board\Http;

use App\Board\BoardCache;
use App\Board\BoardReader;
use App\Http\Asker;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

final readonly class ShowBoard
{
    public function __construct(private BoardReader $board, private BoardCache $kept)
    {
    }

    public function __invoke(Request $request): JsonResponse
    {
        $business = Asker::business($request);
        $looking = BoardViewAsked::of($request);

        return JsonResponse::fromJsonString($this->kept->of(
            $business,
            serialize($looking),
            fn (string $version): array => $this->board->of($business, $looking, $version),
        ));
    }
}
