<?php

declare(strict_types=1);

namespace App\Gate;

use App\Language\Speech;
use App\Models\Business;
use App\Models\Client;
use App\Models\CurrentBusiness;
use App\Support\LinkTooOld;
use App\Support\OwnPageLink;
use Illuminate\Http\Request;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/** The client whose own page a mailed link leads to. From the link follows whose business it is. */
final readonly class LinkedClient
{
    public function __construct(
        private CurrentBusiness $current,
        private Speech $speech,
        private OwnPageLink $links,
    ) {
    }

    /** @throws NotFoundHttpException|LinkTooOld */
    public function find(Request $request, string $id): Client
    {
        $client = $this->named($id);
        $this->links->check($request, $client);

        return $client;
    }

    /**
     * The same by a link that was good once.
     *
     * @throws NotFoundHttpException
     */
    public function findOld(Request $request, string $id): Client
    {
        $client = $this->named($id);
        $this->links->checkMade($request, $client);

        return $client;
    }

    private function named(string $id): Client
    {
        $client = $this->current->across(static fn (): Client => Client::query()->findOrFail($id));
        $this->current->set($client->business_id);
        $this->speech->of(Business::query()->findOrFail($client->business_id)->locale);

        return $client;
    }
}
