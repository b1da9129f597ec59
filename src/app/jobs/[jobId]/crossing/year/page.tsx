import { signedIn } from '@/server/access/signed-in';
import { listWeather } from '@/server/repositories/weather';
import { YearPage } from '@/ui/crossing/year/year-page';

const CrossingYearPage = async () => <YearPage initial={await listWeather((await signedIn()).scope)} />;

export default CrossingYearPage;
