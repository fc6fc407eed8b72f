<?php

declare(strict_types=1);

use App\Http\Controllers\AccountController;
use App\Http\Controllers\AnalysisController;
use App\Http\Controllers\Auth\ForgotPasswordController;
use App\Http\Controllers\Auth\GuestController;
use App\Http\Controllers\Auth\ResetPasswordController;
use App\Http\Controllers\Auth\SignInController;
use App\Http\Controllers\Auth\SignUpController;
use App\Http\Controllers\BareController;
use App\Http\Controllers\BatchController;
use App\Http\Controllers\CatchUpController;
use App\Http\Controllers\ChartsController;
use App\Http\Controllers\ChecklistController;
use App\Http\Controllers\ChoreController;
use App\Http\Controllers\CyclingController;
use App\Http\Controllers\DechlorinatorController;
use App\Http\Controllers\EntryController;
use App\Http\Controllers\EstimatesController;
use App\Http\Controllers\FertilisingController;
use App\Http\Controllers\FollowUpController;
use App\Http\Controllers\ForecastCheckController;
use App\Http\Controllers\GaugeController;
use App\Http\Controllers\GlossaryController;
use App\Http\Controllers\HealthController;
use App\Http\Controllers\HelpController;
use App\Http\Controllers\HelperController;
use App\Http\Controllers\HoseController;
use App\Http\Controllers\ImportStatusController;
use App\Http\Controllers\LightController;
use App\Http\Controllers\LivestockController;
use App\Http\Controllers\LogController;
use App\Http\Controllers\LowerKhController;
use App\Http\Controllers\MaintenanceController;
use App\Http\Controllers\MeterController;
use App\Http\Controllers\MixingController;
use App\Http\Controllers\PastChangeController;
use App\Http\Controllers\PhotoController;
use App\Http\Controllers\PhotoSpotController;
use App\Http\Controllers\PlantGroupController;
use App\Http\Controllers\PlantMeasurementController;
use App\Http\Controllers\PlantsController;
use App\Http\Controllers\ProblemController;
use App\Http\Controllers\ProductController;
use App\Http\Controllers\RecipeController;
use App\Http\Controllers\ReplanController;
use App\Http\Controllers\ReservoirController;
use App\Http\Controllers\ResultController;
use App\Http\Controllers\SettingsController;
use App\Http\Controllers\SourceWaterController;
use App\Http\Controllers\SpareCuttingsController;
use App\Http\Controllers\StockSolutionController;
use App\Http\Controllers\SupplyController;
use App\Http\Controllers\TankController;
use App\Http\Controllers\TargetsController;
use App\Http\Controllers\TodayController;
use App\Http\Controllers\TonightController;
use App\Http\Controllers\TopOffController;
use App\Http\Controllers\WaterChangeController;
use App\Http\Controllers\WeekController;
use App\Http\Controllers\ZoneController;
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
    Route::get('/', TodayController::class)->name('round');
    // Whoever has much makes these pages long: nobody asks for them without end.
    Route::get('/tonight', TonightController::class)->middleware('throttle:120,1,evening');
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
    Route::get('/spare-cuttings', [SpareCuttingsController::class, 'index']);
    Route::post('/spare-cuttings/{look}', [SpareCuttingsController::class, 'gone']);
    Route::get('/settings', [SettingsController::class, 'edit']);
    Route::put('/settings', [SettingsController::class, 'update']);
    Route::post('/settings/kits', [SettingsController::class, 'kits']);
    Route::post('/settings/pens/{parameter}', [SettingsController::class, 'set'])->whereIn('parameter', array_column(Parameter::cases(), 'value'));
    Route::get('/imports/status', ImportStatusController::class);
    Route::get('/estimates', [EstimatesController::class, 'show']);
    Route::put('/estimates', [EstimatesController::class, 'update']);
    Route::post('/learning-resets', [EstimatesController::class, 'anew']);
    Route::delete('/learning-resets/{fresh}', [EstimatesController::class, 'back']);
    Route::get('/glossary', [GlossaryController::class, 'index']);
    Route::get('/glossary/{term}', [GlossaryController::class, 'show']);
    Route::get('/log', [LogController::class, 'index']);
    Route::post('/log', [LogController::class, 'store']);
    Route::get('/log/readings.csv', [LogController::class, 'export']);
    Route::get('/entries/{entry}/edit', [EntryController::class, 'edit'])->can('view', 'entry');
    Route::put('/entries/{entry}', [EntryController::class, 'update'])->can('update', 'entry');
    Route::delete('/entries/{entry}', [LogController::class, 'destroy'])->can('delete', 'entry');

    Route::get('/tanks/new', [TankController::class, 'create']);
    Route::get('/tanks/draw', [TankController::class, 'draw']);
    Route::post('/tanks', [TankController::class, 'store']);
    Route::prefix('/tanks/{tank}')->middleware('can:view,tank')->group(function (): void {
        Route::get('/', [TankController::class, 'show']);
        Route::get('/section.svg', [TankController::class, 'svg']);
        Route::get('/edit', [TankController::class, 'edit']);
        Route::put('/', [TankController::class, 'update'])->can('update', 'tank');
        Route::delete('/', [TankController::class, 'destroy'])->can('delete', 'tank');
        Route::get('/test', [ResultController::class, 'createForTank']);
        Route::post('/test', [ResultController::class, 'storeForTank'])->can('update', 'tank');
        Route::get('/water-change', [WaterChangeController::class, 'show']);
        Route::get('/water-change/dose', [WaterChangeController::class, 'dose']);
        Route::get('/water-changes/create', [PastChangeController::class, 'create']);
        Route::post('/water-changes', [PastChangeController::class, 'store'])->can('update', 'tank');
        Route::get('/maintenance', [MaintenanceController::class, 'show']);
        Route::put('/methods', [MaintenanceController::class, 'schools'])->can('update', 'tank');
        Route::post('/checklists', [WaterChangeController::class, 'store'])->can('update', 'tank');
        Route::get('/log', [LogController::class, 'tank']);
        Route::get('/forecast-check', [ForecastCheckController::class, 'latest']);
        Route::get('/top-off', [TopOffController::class, 'show']);
        Route::post('/top-offs', [TopOffController::class, 'store'])->can('update', 'tank');
        Route::delete('/top-offs/{topOff}', [TopOffController::class, 'destroy'])->can('update', 'tank');
        Route::get('/dechlorinator', DechlorinatorController::class);
        Route::get('/lower-kh', [LowerKhController::class, 'show']);
        Route::post('/lower-kh', [LowerKhController::class, 'store'])->can('update', 'tank');
        Route::get('/gravel-vac', [ZoneController::class, 'show']);
        Route::post('/gravel-vac', [ZoneController::class, 'cut'])->can('update', 'tank');
        Route::prefix('/gravel-vac/{zone}')->middleware('can:update,tank')->group(function (): void {
            Route::put('/', [ZoneController::class, 'update']);
            Route::post('/clean', [ZoneController::class, 'clean']);
            Route::post('/split', [ZoneController::class, 'split']);
            Route::post('/merge/{other}', [ZoneController::class, 'merge']);
        });
        Route::get('/plants', [PlantsController::class, 'show']);
        Route::get('/plants/measurements', [PlantGroupController::class, 'heights']);
        Route::post('/plants/measurements', [PlantGroupController::class, 'measure'])->can('update', 'tank');
        Route::get('/plant-groups/new', [PlantGroupController::class, 'create']);
        Route::post('/plant-groups', [PlantGroupController::class, 'store'])->can('update', 'tank');
        Route::prefix('/plant-groups/{plantGroup}')->group(function (): void {
            Route::post('/melt', [PlantGroupController::class, 'melt'])->can('update', 'tank');
            Route::get('/', [PlantGroupController::class, 'edit']);
            Route::put('/', [PlantGroupController::class, 'update'])->can('update', 'tank');
            Route::delete('/', [PlantGroupController::class, 'destroy'])->can('update', 'tank');
            Route::post('/cut', [PlantGroupController::class, 'cut'])->can('update', 'tank');
            Route::put('/looks/{look}', [PlantMeasurementController::class, 'look'])->can('update', 'tank');
            Route::delete('/looks/{look}', [PlantMeasurementController::class, 'dropLook'])->can('update', 'tank');
            Route::put('/root-tabs/{rootTab}', [PlantMeasurementController::class, 'rootTab'])->can('update', 'tank');
            Route::delete('/root-tabs/{rootTab}', [PlantMeasurementController::class, 'dropRootTab'])->can('update', 'tank');
        });
        Route::get('/fixed-spot', [PhotoSpotController::class, 'show']);
        Route::post('/fixed-spot', [PhotoSpotController::class, 'store'])->middleware('throttle:60,1,photo')->can('update', 'tank')->middleware('account');
        Route::post('/fixed-spot/photos/{photo}', [PhotoSpotController::class, 'pin'])->can('update', 'tank');
        Route::post('/layout-issues', [PhotoSpotController::class, 'note'])->can('update', 'tank');
        Route::put('/layout-issues/{spot}', [PhotoSpotController::class, 'settle'])->can('update', 'tank');
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
        Route::get('/fertilising', [FertilisingController::class, 'show']);
        Route::get('/charts', [ChartsController::class, 'show']);
        Route::get('/charts.svg', [ChartsController::class, 'svg']);
        Route::get('/charts.csv', [ChartsController::class, 'csv']);
        Route::get('/problems', [ProblemController::class, 'index']);
        Route::post('/problems', [ProblemController::class, 'store'])->can('update', 'tank');
        Route::prefix('/problems/{problem}')->group(function (): void {
            Route::get('/', [ProblemController::class, 'show']);
            Route::get('/why', [ProblemController::class, 'why']);
            Route::get('/now', [ProblemController::class, 'now']);
            Route::middleware('can:update,tank')->group(function (): void {
                Route::put('/', [ProblemController::class, 'update']);
                Route::delete('/', [ProblemController::class, 'destroy']);
                Route::post('/answers', [ProblemController::class, 'answer']);
                Route::post('/photo', [ProblemController::class, 'photo'])->middleware('throttle:60,1,photo')->middleware('account');
                Route::post('/treatments', [ProblemController::class, 'plan']);
                Route::post('/treatments/{treatment}', [ProblemController::class, 'check']);
                Route::post('/end', [ProblemController::class, 'end']);
                Route::post('/again', [ProblemController::class, 'again']);
            });
        });
        Route::get('/own-fertiliser', [StockSolutionController::class, 'show']);
        Route::post('/own-fertiliser', [StockSolutionController::class, 'store'])->can('update', 'tank');
        Route::get('/doses.csv', [FertilisingController::class, 'export']);
        Route::get('/meals.csv', [FertilisingController::class, 'meals']);
        Route::middleware('can:update,tank')->group(function (): void {
            Route::put('/fertilising', [FertilisingController::class, 'update']);
            Route::post('/dose-plans', [FertilisingController::class, 'plan']);
            Route::post('/dose-plans/looked', [FertilisingController::class, 'looked']);
            Route::post('/dose-plans/proposed', [FertilisingController::class, 'adopt']);
            Route::delete('/dose-plans/{dosePlan}', [FertilisingController::class, 'unplan']);
            Route::post('/dose-plans/{dosePlan}/doser', [FertilisingController::class, 'doser']);
            Route::post('/plant-groups/{plantGroup}/root-tabs', [FertilisingController::class, 'rootTabs']);
            Route::post('/doses', [FertilisingController::class, 'give']);
            Route::delete('/doses/{dose}', [FertilisingController::class, 'take']);
            Route::post('/doses.csv', [FertilisingController::class, 'import'])->middleware('throttle:20,1,import')->middleware('account');
            Route::post('/meals.csv', [FertilisingController::class, 'importMeals'])->middleware('throttle:20,1,import')->middleware('account');
            Route::post('/pinches', [FertilisingController::class, 'weigh']);
            Route::delete('/pinches/{pinch}', [FertilisingController::class, 'unweigh']);
            Route::post('/feeding-days', [FertilisingController::class, 'spell']);
            Route::delete('/feeding-days/{feedingOverride}', [FertilisingController::class, 'unspell']);
        });
        Route::get('/catch-up', CatchUpController::class);
        Route::get('/cycling', [CyclingController::class, 'show']);
        Route::get('/livestock', [LivestockController::class, 'index']);
        Route::get('/new-arrival', [LivestockController::class, 'arrival']);
        Route::get('/new-arrivals/{arrival}', [LivestockController::class, 'course']);
        Route::middleware('can:update,tank')->group(function (): void {
            Route::post('/cycling', [CyclingController::class, 'store']);
            Route::post('/cycling/doses', [CyclingController::class, 'dose']);
            Route::delete('/cycling', [CyclingController::class, 'destroy']);
            Route::post('/livestock', [LivestockController::class, 'store']);
            Route::post('/livestock-kinds', [LivestockController::class, 'made']);
            Route::post('/livestock-needs', [LivestockController::class, 'needs']);
            Route::post('/livestock/{animal}', [LivestockController::class, 'note']);
            Route::delete('/livestock/{animal}', [LivestockController::class, 'destroy']);
            Route::post('/new-arrivals', [LivestockController::class, 'begin']);
            Route::post('/new-arrivals/{arrival}/step', [LivestockController::class, 'step']);
            Route::delete('/new-arrivals/{arrival}', [LivestockController::class, 'stop']);
            Route::post('/new-arrivals/{arrival}', [LivestockController::class, 'release']);
        });
        Route::get('/targets', [TargetsController::class, 'show']);
        Route::put('/targets', [TargetsController::class, 'update'])->can('update', 'tank');
        Route::get('/hose', [HoseController::class, 'show']);
        Route::put('/hose', [HoseController::class, 'update'])->can('update', 'tank');
    });

    Route::get('/source-waters', [SourceWaterController::class, 'index']);
    Route::get('/source-waters/new', [SourceWaterController::class, 'create']);
    Route::post('/source-waters', [SourceWaterController::class, 'store']);
    Route::prefix('/source-waters/{water}')->middleware('can:view,water')->group(function (): void {
        Route::get('/', [AnalysisController::class, 'show']);
        Route::post('/analyses', [AnalysisController::class, 'store'])->can('update', 'water');
        Route::get('/edit', [SourceWaterController::class, 'edit']);
        Route::put('/', [SourceWaterController::class, 'update'])->can('update', 'water');
        Route::delete('/', [SourceWaterController::class, 'destroy'])->can('delete', 'water');
        Route::get('/test', [ResultController::class, 'createForWater']);
        Route::post('/test', [ResultController::class, 'storeForWater'])->can('update', 'water');
    });

    Route::get('/photos/{photo}', [PhotoController::class, 'show'])->can('view', 'photo');
    Route::delete('/photos/{photo}', [PhotoController::class, 'destroy'])->can('delete', 'photo');
    Route::prefix('/checklists/{checklist}')->middleware('can:view,checklist')->group(function (): void {
        Route::get('/', [ChecklistController::class, 'show']);
        Route::get('/state', [ChecklistController::class, 'state']);
        Route::get('/print', [ChecklistController::class, 'paper']);
        Route::get('/strip', [ChecklistController::class, 'strip']);
        Route::get('/again', [ReplanController::class, 'show']);
        Route::post('/again', [ReplanController::class, 'store'])->can('update', 'checklist');
        Route::post('/steps/{position}', [ChecklistController::class, 'finish'])->can('update', 'checklist');
        Route::post('/steps/{position}/open', [ChecklistController::class, 'open'])->can('update', 'checklist');
        Route::post('/steps/{position}/photo', [PhotoController::class, 'store'])->middleware('throttle:60,1,photo')->can('update', 'checklist')->middleware('account');
        Route::post('/switches/{device}', [ChecklistController::class, 'toggle'])->can('update', 'checklist');
        Route::delete('/', [ChecklistController::class, 'drop'])->can('delete', 'checklist');
        Route::get('/forecast-check', [ForecastCheckController::class, 'show']);
        Route::get('/after/{job}', [FollowUpController::class, 'show']);
        Route::post('/after/{job}', [FollowUpController::class, 'store'])->can('update', 'checklist');
    });

    Route::get('/mix-water', [MixingController::class, 'show']);
    Route::get('/mix-water/bottles', [MixingController::class, 'bottles']);
    Route::post('/batches', [MixingController::class, 'store']);
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

    Route::get('/supplies/products', [ProductController::class, 'index']);
    Route::get('/products/new', [ProductController::class, 'create']);
    Route::post('/products', [ProductController::class, 'store']);
    Route::prefix('/products/{product}')->middleware('can:view,product')->group(function (): void {
        Route::get('/edit', [ProductController::class, 'edit']);
        Route::put('/', [ProductController::class, 'update'])->can('update', 'product');
        Route::delete('/', [ProductController::class, 'destroy'])->can('delete', 'product');
        Route::post('/use', [DechlorinatorController::class, 'take'])->can('update', 'product');
        Route::get('/spoon', [ProductController::class, 'spoon']);
        Route::post('/trials', [ProductController::class, 'keepTrial'])->can('update', 'product');
        Route::delete('/trials/{trial}', [ProductController::class, 'dropTrial'])->can('update', 'product');
    });
    Route::get('/pen', [MeterController::class, 'show']);
    Route::post('/pen', [MeterController::class, 'store']);
    Route::post('/pen/factor', [MeterController::class, 'adopt']);
    Route::delete('/pen/{trial}', [MeterController::class, 'destroy']);

    Route::get('/ro-reservoirs/new', [ReservoirController::class, 'create']);
    Route::post('/ro-reservoirs', [ReservoirController::class, 'store']);
    Route::prefix('/ro-reservoirs/{reservoir}')->middleware('can:view,reservoir')->group(function (): void {
        Route::get('/', [ReservoirController::class, 'show']);
        Route::get('/edit', [ReservoirController::class, 'edit']);
        Route::put('/', [ReservoirController::class, 'update'])->can('update', 'reservoir');
        Route::delete('/', [ReservoirController::class, 'destroy'])->can('delete', 'reservoir');
        Route::post('/level', [ReservoirController::class, 'level'])->can('update', 'reservoir');
        Route::post('/rejections', [ReservoirController::class, 'keepRejection'])->can('update', 'reservoir');
        Route::delete('/rejections/{rejection}', [ReservoirController::class, 'dropRejection'])->can('update', 'reservoir');
        Route::post('/ask', [ReservoirController::class, 'ask'])->can('update', 'reservoir');
    });
});
