<?php

declare(strict_types=1);

namespace App\Board\Http;

use App\Board\BoardCache;
use App\Board\Ribbon;
use App\Http\Asker;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

final readonly class ShowRibbon
{
    public function __construct(private Ribbon $ribbon, private BoardCache $kept)
    {
    }

    public function __invoke(Request $request): JsonResponse
    {
        $looking = BoardViewAsked::of($request);

        $business = Asker::business($request);

        return JsonResponse::fromJsonString($this->kept->of(
            $business,
            'ribbon '.serialize($looking),
            fn (): array => ['days' => $this->ribbon->of($business, $looking->day, $looking->chosen)],
        ));
    }
}
