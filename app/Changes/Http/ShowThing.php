<?php

declare(strict_types=1);

namespace App\Changes\Http;

use App\Access\Act;
use App\Changes\ChangePolicy;
use App\Changes\PaySeen;
use App\Changes\ThingHistory;
use App\Changes\Things;
use App\Changes\Version;
use App\Http\Asker;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/** One thing of the set-up: its content, which version that is, and who has changed it. */
final readonly class ShowThing
{
    public function __construct(private Things $things, private ThingHistory $history, private ChangePolicy $policy)
    {
    }

    public function __invoke(Request $request, string $slug, string $kind, string $id): JsonResponse
    {
        $business = Asker::business($request);
        $access = Asker::access($request);
        $content = $this->things->isKnown($kind) ? $this->things->of($kind)->read($business, $id) : null;
        if ($content === null || ! $this->policy->sees($access, $kind, $id, $content)) {
            throw new NotFoundHttpException();
        }

        $seesPay = $access->role->may(Act::SeePay) || ($kind === 'person' && $access->staff === $id);
        $shown = $content->toArray();

        return new JsonResponse([
            'kind' => $kind,
            'id' => $id,
            'version' => Version::of($content),
            'content' => $seesPay ? $shown : PaySeen::without($shown),
            'history' => $this->history->of($business, $kind, $id, $seesPay),
        ]);
    }
}
