<?php

declare(strict_types=1);

namespace App\Roster\Http;

use App\Http\Asker;
use App\Roster\PictureFiles;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\UploadedFile;

/** Takes a picture in; what is kept of it is made anew. */
final readonly class StorePicture
{
    public function __construct(private PictureFiles $files)
    {
    }

    public function __invoke(Request $request): JsonResponse
    {
        $business = Asker::business($request);
        $file = $request->validate(
            ['picture' => 'required|file|max:'.PictureFiles::LARGEST_KILOBYTES],
            [
                'picture.max' => 'wrong.picture.size',
                'picture.*' => 'wrong.picture.not_whole',
            ],
        )['picture'];
        assert($file instanceof UploadedFile);

        return new JsonResponse(['id' => $this->files->take($business, (string) $file->get())->id], 201);
    }
}
