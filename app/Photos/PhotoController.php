<?php

declare(strict_types=1);

namespace App\Photos;

use App\Api\Operation;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;
use Symfony\Component\HttpFoundation\BinaryFileResponse;

/** Photographs: kept by what they show; an event of a call says of what they are. */
class PhotoController
{
    #[Operation('Keep a photograph, the body: scaled, and nothing but the picture', answer: PhotoData::class, status: 201)]
    public function store(Request $request, PhotoShelf $shelf): JsonResponse
    {
        try {
            return response()->json($shelf->keep($request->getContent()), 201);
        } catch (UnreadablePhoto $e) {
            throw ValidationException::withMessages(['photo' => $e->getMessage()]);
        }
    }

    #[Operation('A photograph', file: 'image/jpeg')]
    public function show(string $photo, PhotoShelf $shelf): BinaryFileResponse
    {
        abort_unless($shelf->has($photo), 404, 'That photograph is not here.');

        return response()->file($shelf->path($photo), [
            'Content-Type' => 'image/jpeg',
            'Cache-Control' => 'private, max-age=31536000, immutable',
        ]);
    }
}
