<?php

declare(strict_types=1);

use App\Http\Controllers\AccountController;
use App\Http\Controllers\AcidController;
use App\Http\Controllers\AfterController;
use App\Http\Controllers\AnalysisController;
use App\Http\Controllers\AnimalController;
use App\Http\Controllers\AssumedController;
use App\Http\Controllers\Auth\ForgotPasswordController;
use App\Http\Controllers\Auth\GuestController;
use App\Http\Controllers\Auth\ResetPasswordController;
use App\Http\Controllers\Auth\SignInController;
use App\Http\Controllers\Auth\SignUpController;
use App\Http\Controllers\BareController;
use App\Http\Controllers\BatchController;
use App\Http\Controllers\BedController;
use App\Http\Controllers\BenchController;
use App\Http\Controllers\CatchUpController;
use App\Http\Controllers\ChangeController;
use App\Http\Controllers\ChangedController;
use App\Http\Controllers\ChoreController;
use App\Http\Controllers\ComposeController;
use App\Http\Controllers\ConditionerController;
use App\Http\Controllers\CourseController;
use App\Http\Controllers\DiaryController;
use App\Http\Controllers\EntryController;
use App\Http\Controllers\EveningController;
use App\Http\Controllers\FeedBottleController;
use App\Http\Controllers\FoodController;
use App\Http\Controllers\GaugeController;
use App\Http\Controllers\GlossaryController;
use App\Http\Controllers\HealthController;
use App\Http\Controllers\HelpController;
use App\Http\Controllers\HelperController;
use App\Http\Controllers\HoseController;
use App\Http\Controllers\InquiryController;
use App\Http\Controllers\LightController;
use App\Http\Controllers\LookBackController;
use App\Http\Controllers\NeedsController;
use App\Http\Controllers\PenController;
use App\Http\Controllers\PhotoController;
use App\Http\Controllers\PlanAgainController;
use App\Http\Controllers\PlantsController;
use App\Http\Controllers\ReadingController;
use App\Http\Controllers\RecipeController;
use App\Http\Controllers\RoundController;
use App\Http\Controllers\RunController;
use App\Http\Controllers\SettingsController;
use App\Http\Controllers\ShelfController;
use App\Http\Controllers\SpotController;
use App\Http\Controllers\StandController;
use App\Http\Controllers\StandRecordController;
use App\Http\Controllers\StartController;
use App\Http\Controllers\StoreController;
use App\Http\Controllers\SupplyController;
use App\Http\Controllers\SurplusController;
use App\Http\Controllers\TakingInController;
use App\Http\Controllers\TankController;
use App\Http\Controllers\TopUpController;
use App\Http\Controllers\WaterController;
use App\Http\Controllers\WeekController;
use App\Http\Middleware\PreventDuplicateSubmit;
use App\Http\Middleware\StartSession;
use Cresco\Core\Measure\Parameter;
use Illuminate\Foundation\Http\Middleware\ValidateCsrfToken;
use Illuminate\Support\Facades\Route;
use Illuminate\View\Middleware\ShareErrorsFromSession;

// What the other pages are measured against: the framework with its usual middleware, and nothing of Cresco's.
Route::get('/bare', BareController::class);

// For whoever watches over it.
Route::get('/up', HealthController::class)->withoutMiddleware('web');

// For a calendar program, which has no account but the secret in the address.
Route::get('/calendar/{secret}.ics', [WeekController::class, 'feed'])->middleware('throttle:60,1,feed')
    ->withoutMiddleware([StartSession::class, ShareErrorsFromSession::class, ValidateCsrfToken::class]);

// For a helper, who has none either.
Route::middleware('throttle:120,1,help')->prefix('/help/{secret}')->group(function (): void {
    Route::get('/', [HelpController::class, 'show']);
    Route::post('/tasks/{ask}', [HelpController::class, 'tick']);
    Route::post('/readings', [HelpController::class, 'read'])->middleware('throttle:20,1,help-read');
    Route::post('/photo', [HelpController::class, 'photo'])->middleware('throttle:10,1,help-photo');
});

Route::middleware('guest')->group(function (): void {
    Route::get('/start', [GuestController::class, 'show']);
    Route::post('/start', [GuestController::class, 'answer'])->middleware('throttle:20,1,start');
    Route::get('/sign-in', [SignInController::class, 'show'])->name('login');
    Route::post('/sign-in', [SignInController::class, 'enter']);
    Route::post('/sign-in/demo', [SignInController::class, 'enterDemo']);
    Route::get('/sign-up', [SignUpController::class, 'show']);
    Route::post('/sign-up', [SignUpController::class, 'ask'])->middleware('throttle:10,1,sign-up');
    Route::get('/sign-up/new', [SignUpController::class, 'form'])->name('sign-up.new');
    Route::post('/sign-up/new', [SignUpController::class, 'begin'])->middleware('throttle:10,1,sign-up');
    Route::get('/password/forgotten', [ForgotPasswordController::class, 'showLinkRequestForm']);
    Route::post('/password/forgotten', [ForgotPasswordController::class, 'sendResetLinkEmail'])->middleware('throttle:6,1,forgotten');
    Route::get('/password/new/{token}', [ResetPasswordController::class, 'showResetForm'])->name('password.reset');
    Route::post('/password/new', [ResetPasswordController::class, 'reset'])->middleware('throttle:6,1,reset');
});

// From a letter, on whichever device it is read.
Route::get('/account/address', [AccountController::class, 'move'])->middleware('throttle:20,1,move')->name('account.move');
Route::post('/account/address', [AccountController::class, 'moved'])->middleware('throttle:20,1,move');

Route::middleware(['auth', 'auth.session', PreventDuplicateSubmit::class])->group(function (): void {
    Route::get('/account', [AccountController::class, 'show']);
    Route::get('/account/data', [AccountController::class, 'data'])->middleware('throttle:6,1,data');
    Route::post('/account/data', [AccountController::class, 'takeIn'])->middleware('throttle:10,10,import')->middleware('account');
    Route::put('/account/address', [AccountController::class, 'address'])->middleware('throttle:10,10,account')->middleware('account');
    Route::put('/account/password', [AccountController::class, 'password'])->middleware('throttle:10,10,account')->middleware('account');
    Route::delete('/account', [AccountController::class, 'destroy'])->middleware('throttle:10,10,account')->middleware('account');
    Route::post('/account/guest', [GuestController::class, 'keep'])->middleware('throttle:10,10,account');
    Route::delete('/account/guest', [GuestController::class, 'destroy']);
    Route::post('/sign-out', [SignInController::class, 'leave']);
    Route::get('/', RoundController::class)->name('round');
    // Whoever has much makes these pages long: nobody asks for them without end.
    Route::get('/tonight', EveningController::class)->middleware('throttle:120,1,evening');
    Route::get('/week', [WeekController::class, 'show'])->middleware('throttle:120,1,week');
    Route::get('/week/move', [WeekController::class, 'move']);
    Route::post('/week/lay', [WeekController::class, 'lay']);
    Route::put('/week/habits', [WeekController::class, 'habits']);
    Route::post('/week/away', [WeekController::class, 'away']);
    Route::delete('/week/away/{away}', [WeekController::class, 'back']);
    Route::post('/week/busy', [WeekController::class, 'busy'])->middleware('throttle:20,1,import')->middleware('account');
    Route::delete('/week/busy', [WeekController::class, 'free']);
    Route::post('/week/feed', [WeekController::class, 'makeFeed'])->middleware('account');
    Route::delete('/week/feed', [WeekController::class, 'dropFeed']);
    Route::get('/tasks', [ChoreController::class, 'index']);
    Route::post('/tasks', [ChoreController::class, 'store']);
    Route::put('/tasks/{chore}', [ChoreController::class, 'update'])->can('update', 'chore');
    Route::post('/tasks/{chore}/done', [ChoreController::class, 'done'])->can('update', 'chore');
    Route::delete('/tasks/{chore}', [ChoreController::class, 'destroy'])->can('delete', 'chore');
    Route::get('/helpers', [HelperController::class, 'index']);
    Route::post('/helpers', [HelperController::class, 'store'])->middleware('account');
    Route::get('/helpers/{helper}', [HelperController::class, 'show'])->can('view', 'helper');
    Route::get('/helpers/{helper}/print', [HelperController::class, 'paper'])->can('view', 'helper');
    Route::delete('/helpers/{helper}', [HelperController::class, 'destroy'])->can('delete', 'helper');
    Route::get('/supplies', [SupplyController::class, 'index']);
    Route::post('/supplies', [SupplyController::class, 'store']);
    Route::put('/supplies/{supply}', [SupplyController::class, 'update'])->can('update', 'supply');
    Route::delete('/supplies/{supply}', [SupplyController::class, 'destroy'])->can('delete', 'supply');
    Route::get('/spare-cuttings', [SurplusController::class, 'index']);
    Route::post('/spare-cuttings/{look}', [SurplusController::class, 'gone']);
    Route::get('/settings', [SettingsController::class, 'edit']);
    Route::put('/settings', [SettingsController::class, 'update']);
    Route::post('/settings/kits', [SettingsController::class, 'kits']);
    Route::post('/settings/pens/{parameter}', [SettingsController::class, 'set'])->whereIn('parameter', array_column(Parameter::cases(), 'value'));
    Route::get('/imports/status', TakingInController::class);
    Route::get('/estimates', [AssumedController::class, 'show']);
    Route::put('/estimates', [AssumedController::class, 'update']);
    Route::post('/learning-resets', [AssumedController::class, 'anew']);
    Route::delete('/learning-resets/{fresh}', [AssumedController::class, 'back']);
    Route::get('/glossary', [GlossaryController::class, 'index']);
    Route::get('/glossary/{term}', [GlossaryController::class, 'show']);
    Route::get('/log', [DiaryController::class, 'index']);
    Route::post('/log', [DiaryController::class, 'store']);
    Route::get('/log/readings.csv', [DiaryController::class, 'export']);
    Route::get('/entries/{entry}/edit', [EntryController::class, 'edit'])->can('view', 'entry');
    Route::put('/entries/{entry}', [EntryController::class, 'update'])->can('update', 'entry');
    Route::delete('/entries/{entry}', [DiaryController::class, 'destroy'])->can('delete', 'entry');

    Route::get('/tanks/new', [TankController::class, 'create']);
    Route::get('/tanks/draw', [TankController::class, 'draw']);
    Route::post('/tanks', [TankController::class, 'store']);
    Route::prefix('/tanks/{tank}')->middleware('can:view,tank')->group(function (): void {
        Route::get('/', [TankController::class, 'show']);
        Route::get('/section.svg', [TankController::class, 'svg']);
        Route::get('/edit', [TankController::class, 'edit']);
        Route::put('/', [TankController::class, 'update'])->can('update', 'tank');
        Route::delete('/', [TankController::class, 'destroy'])->can('delete', 'tank');
        Route::get('/test', [ReadingController::class, 'createForTank']);
        Route::post('/test', [ReadingController::class, 'storeForTank'])->can('update', 'tank');
        Route::get('/water-change', [ChangeController::class, 'show']);
        Route::get('/water-change/dose', [ChangeController::class, 'dose']);
        Route::get('/water-changes/create', [ChangedController::class, 'create']);
        Route::post('/water-changes', [ChangedController::class, 'store'])->can('update', 'tank');
        Route::get('/maintenance', [ComposeController::class, 'show']);
        Route::put('/methods', [ComposeController::class, 'schools'])->can('update', 'tank');
        Route::post('/checklists', [ChangeController::class, 'store'])->can('update', 'tank');
        Route::get('/log', [DiaryController::class, 'tank']);
        Route::get('/forecast-check', [LookBackController::class, 'latest']);
        Route::get('/top-off', [TopUpController::class, 'show']);
        Route::post('/top-offs', [TopUpController::class, 'store'])->can('update', 'tank');
        Route::delete('/top-offs/{topUp}', [TopUpController::class, 'destroy'])->can('update', 'tank');
        Route::get('/dechlorinator', ConditionerController::class);
        Route::get('/lower-kh', [AcidController::class, 'show']);
        Route::post('/lower-kh', [AcidController::class, 'store'])->can('update', 'tank');
        Route::get('/gravel-vac', [BedController::class, 'show']);
        Route::post('/gravel-vac', [BedController::class, 'cut'])->can('update', 'tank');
        Route::prefix('/gravel-vac/{patch}')->middleware('can:update,tank')->group(function (): void {
            Route::put('/', [BedController::class, 'update']);
            Route::post('/clean', [BedController::class, 'clean']);
            Route::post('/split', [BedController::class, 'split']);
            Route::post('/merge/{other}', [BedController::class, 'merge']);
        });
        Route::get('/plants', [PlantsController::class, 'show']);
        Route::get('/plants/measurements', [StandController::class, 'heights']);
        Route::post('/plants/measurements', [StandController::class, 'measure'])->can('update', 'tank');
        Route::get('/plant-groups/new', [StandController::class, 'create']);
        Route::post('/plant-groups', [StandController::class, 'store'])->can('update', 'tank');
        Route::prefix('/plant-groups/{stand}')->group(function (): void {
            Route::post('/melt', [StandController::class, 'melt'])->can('update', 'tank');
            Route::get('/', [StandController::class, 'edit']);
            Route::put('/', [StandController::class, 'update'])->can('update', 'tank');
            Route::delete('/', [StandController::class, 'destroy'])->can('update', 'tank');
            Route::post('/cut', [StandController::class, 'cut'])->can('update', 'tank');
            Route::put('/looks/{look}', [StandRecordController::class, 'look'])->can('update', 'tank');
            Route::delete('/looks/{look}', [StandRecordController::class, 'dropLook'])->can('update', 'tank');
            Route::put('/root-tabs/{capsule}', [StandRecordController::class, 'capsule'])->can('update', 'tank');
            Route::delete('/root-tabs/{capsule}', [StandRecordController::class, 'dropCapsule'])->can('update', 'tank');
        });
        Route::get('/fixed-spot', [SpotController::class, 'show']);
        Route::post('/fixed-spot', [SpotController::class, 'store'])->middleware('throttle:60,1,photo')->can('update', 'tank')->middleware('account');
        Route::post('/fixed-spot/photos/{photo}', [SpotController::class, 'pin'])->can('update', 'tank');
        Route::post('/layout-issues', [SpotController::class, 'note'])->can('update', 'tank');
        Route::put('/layout-issues/{spot}', [SpotController::class, 'settle'])->can('update', 'tank');
        Route::get('/light', [LightController::class, 'show']);
        Route::put('/light', [LightController::class, 'update'])->can('update', 'tank');
        Route::post('/lights', [LightController::class, 'store'])->can('update', 'tank');
        Route::put('/lights/{lamp}', [LightController::class, 'replace'])->can('update', 'tank');
        Route::delete('/lights/{lamp}', [LightController::class, 'destroy'])->can('update', 'tank');
        Route::post('/light-days', [LightController::class, 'noteDay'])->can('update', 'tank');
        Route::delete('/light-days/{lightDay}', [LightController::class, 'forgetDay'])->can('update', 'tank');
        Route::post('/light-readings', [LightController::class, 'read'])->can('update', 'tank');
        Route::delete('/light-readings/{lightReading}', [LightController::class, 'forget'])->can('update', 'tank');
        Route::post('/gauges/ask', [GaugeController::class, 'ask'])->can('update', 'tank');
        Route::delete('/gauges/{gaugeNote}', [GaugeController::class, 'destroy'])->can('update', 'tank');
        Route::get('/fertilising', [FoodController::class, 'show']);
        Route::get('/charts', [CourseController::class, 'show']);
        Route::get('/charts.svg', [CourseController::class, 'svg']);
        Route::get('/charts.csv', [CourseController::class, 'csv']);
        Route::get('/problems', [InquiryController::class, 'index']);
        Route::post('/problems', [InquiryController::class, 'store'])->can('update', 'tank');
        Route::prefix('/problems/{inquiry}')->group(function (): void {
            Route::get('/', [InquiryController::class, 'show']);
            Route::get('/why', [InquiryController::class, 'why']);
            Route::get('/now', [InquiryController::class, 'now']);
            Route::middleware('can:update,tank')->group(function (): void {
                Route::put('/', [InquiryController::class, 'update']);
                Route::delete('/', [InquiryController::class, 'destroy']);
                Route::post('/answers', [InquiryController::class, 'answer']);
                Route::post('/photo', [InquiryController::class, 'photo'])->middleware('throttle:60,1,photo')->middleware('account');
                Route::post('/treatments', [InquiryController::class, 'plan']);
                Route::post('/treatments/{treatment}', [InquiryController::class, 'check']);
                Route::post('/end', [InquiryController::class, 'end']);
                Route::post('/again', [InquiryController::class, 'again']);
            });
        });
        Route::get('/own-fertiliser', [FeedBottleController::class, 'show']);
        Route::post('/own-fertiliser', [FeedBottleController::class, 'store'])->can('update', 'tank');
        Route::get('/doses.csv', [FoodController::class, 'export']);
        Route::get('/meals.csv', [FoodController::class, 'meals']);
        Route::middleware('can:update,tank')->group(function (): void {
            Route::put('/fertilising', [FoodController::class, 'update']);
            Route::post('/dose-plans', [FoodController::class, 'plan']);
            Route::post('/dose-plans/looked', [FoodController::class, 'looked']);
            Route::post('/dose-plans/proposed', [FoodController::class, 'adopt']);
            Route::delete('/dose-plans/{dosePlan}', [FoodController::class, 'unplan']);
            Route::post('/dose-plans/{dosePlan}/doser', [FoodController::class, 'doser']);
            Route::post('/plant-groups/{stand}/root-tabs', [FoodController::class, 'capsules']);
            Route::post('/doses', [FoodController::class, 'give']);
            Route::delete('/doses/{dose}', [FoodController::class, 'take']);
            Route::post('/doses.csv', [FoodController::class, 'import'])->middleware('throttle:20,1,import')->middleware('account');
            Route::post('/meals.csv', [FoodController::class, 'importMeals'])->middleware('throttle:20,1,import')->middleware('account');
            Route::post('/pinches', [FoodController::class, 'weigh']);
            Route::delete('/pinches/{pinch}', [FoodController::class, 'unweigh']);
            Route::post('/feeding-days', [FoodController::class, 'spell']);
            Route::delete('/feeding-days/{foodSpell}', [FoodController::class, 'unspell']);
        });
        Route::get('/catch-up', CatchUpController::class);
        Route::get('/cycling', [StartController::class, 'show']);
        Route::get('/livestock', [AnimalController::class, 'index']);
        Route::get('/new-arrival', [AnimalController::class, 'arrival']);
        Route::get('/new-arrivals/{arrival}', [AnimalController::class, 'course']);
        Route::middleware('can:update,tank')->group(function (): void {
            Route::post('/cycling', [StartController::class, 'store']);
            Route::post('/cycling/doses', [StartController::class, 'dose']);
            Route::delete('/cycling', [StartController::class, 'destroy']);
            Route::post('/livestock', [AnimalController::class, 'store']);
            Route::post('/livestock-kinds', [AnimalController::class, 'made']);
            Route::post('/livestock-needs', [AnimalController::class, 'needs']);
            Route::post('/livestock/{animal}', [AnimalController::class, 'note']);
            Route::delete('/livestock/{animal}', [AnimalController::class, 'destroy']);
            Route::post('/new-arrivals', [AnimalController::class, 'begin']);
            Route::post('/new-arrivals/{arrival}/step', [AnimalController::class, 'step']);
            Route::delete('/new-arrivals/{arrival}', [AnimalController::class, 'stop']);
            Route::post('/new-arrivals/{arrival}', [AnimalController::class, 'release']);
        });
        Route::get('/targets', [NeedsController::class, 'show']);
        Route::put('/targets', [NeedsController::class, 'update'])->can('update', 'tank');
        Route::get('/hose', [HoseController::class, 'show']);
        Route::put('/hose', [HoseController::class, 'update'])->can('update', 'tank');
    });

    Route::get('/source-waters', [WaterController::class, 'index']);
    Route::get('/source-waters/new', [WaterController::class, 'create']);
    Route::post('/source-waters', [WaterController::class, 'store']);
    Route::prefix('/source-waters/{water}')->middleware('can:view,water')->group(function (): void {
        Route::get('/', [AnalysisController::class, 'show']);
        Route::post('/analyses', [AnalysisController::class, 'store'])->can('update', 'water');
        Route::get('/edit', [WaterController::class, 'edit']);
        Route::put('/', [WaterController::class, 'update'])->can('update', 'water');
        Route::delete('/', [WaterController::class, 'destroy'])->can('delete', 'water');
        Route::get('/test', [ReadingController::class, 'createForWater']);
        Route::post('/test', [ReadingController::class, 'storeForWater'])->can('update', 'water');
    });

    Route::get('/photos/{photo}', [PhotoController::class, 'show'])->can('view', 'photo');
    Route::delete('/photos/{photo}', [PhotoController::class, 'destroy'])->can('delete', 'photo');
    Route::prefix('/checklists/{run}')->middleware('can:view,run')->group(function (): void {
        Route::get('/', [RunController::class, 'show']);
        Route::get('/state', [RunController::class, 'state']);
        Route::get('/print', [RunController::class, 'paper']);
        Route::get('/strip', [RunController::class, 'strip']);
        Route::get('/again', [PlanAgainController::class, 'show']);
        Route::post('/again', [PlanAgainController::class, 'store'])->can('update', 'run');
        Route::post('/steps/{position}', [RunController::class, 'finish'])->can('update', 'run');
        Route::post('/steps/{position}/open', [RunController::class, 'open'])->can('update', 'run');
        Route::post('/steps/{position}/photo', [PhotoController::class, 'store'])->middleware('throttle:60,1,photo')->can('update', 'run')->middleware('account');
        Route::post('/switches/{device}', [RunController::class, 'toggle'])->can('update', 'run');
        Route::delete('/', [RunController::class, 'drop'])->can('delete', 'run');
        Route::get('/forecast-check', [LookBackController::class, 'show']);
        Route::get('/after/{job}', [AfterController::class, 'show']);
        Route::post('/after/{job}', [AfterController::class, 'store'])->can('update', 'run');
    });

    Route::get('/mix-water', [BenchController::class, 'show']);
    Route::get('/mix-water/bottles', [BenchController::class, 'bottles']);
    Route::post('/batches', [BenchController::class, 'store']);
    Route::prefix('/batches/{batch}')->middleware('can:view,batch')->group(function (): void {
        Route::get('/', [BatchController::class, 'show']);
        Route::post('/checks', [BatchController::class, 'check'])->can('update', 'batch');
        Route::post('/added', [BatchController::class, 'added'])->can('update', 'batch');
        Route::post('/made', [BatchController::class, 'made'])->can('update', 'batch');
        Route::delete('/', [BatchController::class, 'destroy'])->can('delete', 'batch');
    });

    Route::get('/recipes', [RecipeController::class, 'index']);
    Route::post('/recipes', [RecipeController::class, 'store']);
    Route::post('/recipes/import', [RecipeController::class, 'import'])->middleware('throttle:30,1,import')->middleware('account');
    Route::get('/recipes/export.{format}', [RecipeController::class, 'export'])->whereIn('format', ['json', 'csv']);
    Route::delete('/recipes/{recipe}', [RecipeController::class, 'destroy'])->can('delete', 'recipe');
    Route::post('/analyses/import', [RecipeController::class, 'importAnalyses'])->middleware('throttle:30,1,import')->middleware('account');
    Route::get('/analyses/export.{format}', [RecipeController::class, 'exportAnalyses'])->whereIn('format', ['json', 'csv']);
    Route::delete('/analyses/{analysis}', [AnalysisController::class, 'destroy'])->can('delete', 'analysis');

    Route::get('/supplies/products', [ShelfController::class, 'index']);
    Route::get('/products/new', [ShelfController::class, 'create']);
    Route::post('/products', [ShelfController::class, 'store']);
    Route::prefix('/products/{jar}')->middleware('can:view,jar')->group(function (): void {
        Route::get('/edit', [ShelfController::class, 'edit']);
        Route::put('/', [ShelfController::class, 'update'])->can('update', 'jar');
        Route::delete('/', [ShelfController::class, 'destroy'])->can('delete', 'jar');
        Route::post('/use', [ConditionerController::class, 'take'])->can('update', 'jar');
        Route::get('/spoon', [ShelfController::class, 'spoon']);
        Route::post('/trials', [ShelfController::class, 'keepTrial'])->can('update', 'jar');
        Route::delete('/trials/{trial}', [ShelfController::class, 'dropTrial'])->can('update', 'jar');
    });
    Route::get('/pen', [PenController::class, 'show']);
    Route::post('/pen', [PenController::class, 'store']);
    Route::post('/pen/factor', [PenController::class, 'adopt']);
    Route::delete('/pen/{trial}', [PenController::class, 'destroy']);

    Route::get('/ro-reservoirs/new', [StoreController::class, 'create']);
    Route::post('/ro-reservoirs', [StoreController::class, 'store']);
    Route::prefix('/ro-reservoirs/{store}')->middleware('can:view,store')->group(function (): void {
        Route::get('/', [StoreController::class, 'show']);
        Route::get('/edit', [StoreController::class, 'edit']);
        Route::put('/', [StoreController::class, 'update'])->can('update', 'store');
        Route::delete('/', [StoreController::class, 'destroy'])->can('delete', 'store');
        Route::post('/level', [StoreController::class, 'level'])->can('update', 'store');
        Route::post('/rejections', [StoreController::class, 'keepRejection'])->can('update', 'store');
        Route::delete('/rejections/{rejection}', [StoreController::class, 'dropRejection'])->can('update', 'store');
        Route::post('/ask', [StoreController::class, 'ask'])->can('update', 'store');
    });
});
