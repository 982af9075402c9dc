<?php

declare(strict_types=1);

namespace App\Ledger\Http;

use App\Http\Asker;
use App\Models\Document;
use App\Papers\Paper;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** An invoice or a credit note as PDF. */
final readonly class PrintDocument
{
    public function __construct(private Paper $paper)
    {
    }

    public function __invoke(Request $request, string $slug, string $id): Response
    {
        $business = Asker::business($request);
        $document = Document::query()->where('business_id', $business->id)->findOrFail($id);

        return self::pdf($this->paper->document($business, $document), $document->written());
    }

    public static function pdf(string $pdf, string $name): Response
    {
        return new Response($pdf, 200, [
            'Content-Type' => 'application/pdf',
            'Content-Disposition' => "inline; filename=\"{$name}.pdf\"",
        ]);
    }
}
