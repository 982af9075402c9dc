<?php

declare(strict_types=1);

namespace App\Offer\Http;

use App\Changes\ReadDrafts;
use App\Http\Asker;
use App\Language\Sentence;
use App\Offer\Contents\ServiceContent;
use App\Offer\DraftedQuote;
use App\Offer\QuoteAsked;
use App\Support\Refusal;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** What a visit of a service costs while its prices are being set, line by line, before and after. */
final readonly class AskDraftQuote
{
    public function __construct(private ReadDrafts $read, private DraftedQuote $quote)
    {
    }

    public function __invoke(Request $request): JsonResponse
    {
        $business = Asker::business($request);
        $asked = QuoteAsked::read($request, $business);
        $draft = ($this->read)($request, $business)[0];
        if (! $draft->content instanceof ServiceContent) {
            throw new Refusal(new Sentence('refusal.setup.first_draft'), 422, 'invalid');
        }

        return new JsonResponse($this->quote->of($business, $draft->id, $draft->content, $asked));
    }
}
