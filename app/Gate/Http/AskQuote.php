<?php

declare(strict_types=1);

namespace App\Gate\Http;

use App\Gate\GateQuote;
use App\Gate\KnownClient;
use App\Gate\Published;
use App\Gate\ReadChoice;
use App\Support\CoreSentence;
use App\Support\Refusal;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use YardBell\Core\Time\InvalidTime;
use YardBell\Core\Time\Wall;

final readonly class AskQuote
{
    public function __construct(
        private Published $published,
        private GateQuote $quote,
        private ReadChoice $read,
        private KnownClient $known,
    ) {
    }

    public function __invoke(Request $request, string $slug): JsonResponse
    {
        $service = $request->string('service')->value();
        $business = $this->published->offering($slug, $service);

        $at = $request->query('at');
        try {
            $start = is_string($at) ? Wall::instant($at) : null;
        } catch (InvalidTime $wrong) {
            throw new Refusal(CoreSentence::of($wrong), 422, 'invalid');
        }

        $choice = ($this->read)($request, $business, $service);
        $visit = $this->read->visit($request, $business, $choice);

        $client = $this->known->client($request->string('known')->value(), $business);

        return new JsonResponse(
            $this->quote->of(
                business: $business,
                choice: $choice,
                visit: $visit,
                start: $start,
                client: $client,
                codes: self::codes($request),
            ),
        );
    }

    /** @return list<string> the code that a link brought along, where as few may be tried as by hand */
    private static function codes(Request $request): array
    {
        $code = $request->is('gate-api/pages/*/code-quote') ? trim($request->string('code')->value()) : '';

        return $code === '' || mb_strlen($code) > 60 ? [] : [$code];
    }
}
