<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Checklist;
use App\Models\Photo;
use App\Plants\SavePhoto;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Storage;
use Symfony\Component\HttpFoundation\Response;

/** Photos of a session, private to its keeper. */
final class PhotoController extends Controller
{
    private const MOST_IN_A_RUN = 40;

    public function store(Request $request, Checklist $checklist, int $position, SavePhoto $keep): RedirectResponse
    {
        $step = $checklist->steps()->where('position', $position)->firstOrFail();
        $back = '/checklists/'.$checklist->id.'?step='.$position;
        if (Photo::query()->where('checklist_id', $checklist->id)->count() >= self::MOST_IN_A_RUN) {
            return redirect($back)->withErrors(['photo' => __('said.photo.most', ['most' => self::MOST_IN_A_RUN])]);
        }
        $keep($checklist, $step, $request->file('photo'));

        return redirect($back)->with('status', __('said.done.photo'));
    }

    public function show(Photo $photo): Response
    {
        $file = Storage::disk('local')->path('photos/'.$photo->file);
        abort_unless(is_file($file), 404);

        return response()->file($file, ['Content-Type' => 'image/jpeg', 'Content-Disposition' => 'inline']);
    }

    public function destroy(Photo $photo, SavePhoto $keep): RedirectResponse
    {
        $keep->drop($photo);

        return back()->with('status', __('said.done.photo_gone'));
    }
}
