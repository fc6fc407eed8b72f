<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Exchange\FileFault;
use App\Exchange\ImportProgress;
use App\Http\Requests\MixingRequest;
use App\Mixing\DraftBatch;
use App\Mixing\RecipeFile;
use App\Mixing\RecipePage;
use App\Models\Keeper;
use App\Models\Recipe;
use App\Supplies\AnalysisFile;
use App\View\PageQuery;
use Cresco\Core\Mixing\MixingFault;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\UploadedFile;
use Illuminate\Validation\ValidationException;
use Symfony\Component\HttpFoundation\Response;

/** Kept recipes, and the files that recipes and analyses go out and come in by. */
final class RecipeController extends Controller
{
    /** Largest file that is taken in, bytes. */
    private const MOST_BYTES = 512 * 1024;

    public function index(Request $request): View
    {
        $keeper = $this->keeper($request);

        return view('mixing.recipes', [
            'recipes' => $keeper->recipes()->orderBy('name')->orderBy('id')->get()
                ->map(static fn(Recipe $recipe): RecipePage => new RecipePage($recipe, $keeper->show())),
        ]);
    }

    public function store(MixingRequest $request, DraftBatch $draft): RedirectResponse
    {
        $keeper = $request->keeper();
        $back = '/mix-water?'.PageQuery::query($request, ['recipe_name']);
        $name = is_string($request->input('recipe_name')) ? trim($request->input('recipe_name')) : '';
        if ($name === '' || mb_strlen($name) > 80) {
            return redirect($back)->with('status', __('said.text.recipe'));
        }
        try {
            $content = $request->faults()->isEmpty() ? RecipeFile::of($name, $draft($request->toInput(), $keeper->waters)) : null;
        } catch (MixingFault) {
            $content = null;
        }
        if ($content === null) {
            return redirect($back);
        }
        $keeper->recipes()->create(['name' => $name, 'content' => $content]);

        return redirect('/recipes')->with('status', __('said.done.kept'));
    }

    public function destroy(Recipe $recipe): RedirectResponse
    {
        $recipe->delete();

        return redirect('/recipes')->with('status', __('said.done.gone', ['name' => $recipe->name]));
    }

    public function export(Request $request, string $format): Response
    {
        return self::file($format === 'json' ? RecipeFile::json($this->keeper($request)) : RecipeFile::csv($this->keeper($request)), 'recipes', $format);
    }

    public function exportAnalyses(Request $request, string $format): Response
    {
        return self::file($format === 'json' ? AnalysisFile::json($this->keeper($request)) : AnalysisFile::csv($this->keeper($request)), 'analyses', $format);
    }

    public function import(Request $request): RedirectResponse
    {
        return $this->takeIn($request, '/recipes', RecipeFile::importJson(...), RecipeFile::importCsv(...), 'recipe');
    }

    public function importAnalyses(Request $request): RedirectResponse
    {
        return $this->takeIn($request, '/source-waters', AnalysisFile::importJson(...), AnalysisFile::importCsv(...), 'analysis');
    }

    /**
     * @param callable(Keeper, string, ImportProgress): int $json
     * @param callable(Keeper, string, ImportProgress): int $csv
     */
    private function takeIn(Request $request, string $page, callable $json, callable $csv, string $what): RedirectResponse
    {
        $file = $request->file('file');
        try {
            if (!$file instanceof UploadedFile || !$file->isValid()) {
                throw new FileFault((string) __('file.choose_recipe'));
            }
            if ($file->getSize() > self::MOST_BYTES) {
                throw new FileFault(__('said.file.size'));
            }
            $text = $file->getContent();
            $isJson = str_starts_with(ltrim($text, "\u{FEFF} \t\r\n"), '{') || strtolower($file->getClientOriginalExtension()) === 'json';
            $keeper = $this->keeper($request);
            $count = ImportProgress::of($keeper, static fn(ImportProgress $in): int => $isJson ? $json($keeper, $text, $in) : $csv($keeper, $text, $in));
        } catch (FileFault $fault) {
            throw ValidationException::withMessages(['file' => $fault->getMessage()])->redirectTo($page.'#import');
        }

        return redirect($page)->with('status', trans_choice('said.file.taken_in.'.$what, $count));
    }

    private static function file(string $content, string $name, string $format): Response
    {
        return response($content, 200, [
            'Content-Type' => $format === 'json' ? 'application/json' : 'text/csv; charset=utf-8',
            'Content-Disposition' => 'attachment; filename="'.$name.'.'.$format.'"',
        ]);
    }
}
