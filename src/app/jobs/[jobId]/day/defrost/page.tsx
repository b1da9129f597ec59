import { listWeather } from '@/server/repositories/weather';
import { DefrostPage } from '@/ui/day/defrost/defrost-page';

const DayDefrostPage = async () => <DefrostPage brought={await listWeather()} />;

export default DayDefrostPage;
